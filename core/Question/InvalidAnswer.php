<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Failure;
use DomainException;

/** An answer that cannot be marked as it stands; the message says to the student what to do. */
final class InvalidAnswer extends DomainException implements Failure
{
    public static function failureCode(): string
    {
        return 'invalid-answer';
    }

    public static function blank(): self
    {
        return new self('Write an answer first, even a guess.');
    }

    public static function tooLong(): self
    {
        return new self('That is too long. Keep it under 4000 letters.');
    }

    public static function notANumber(): self
    {
        return new self('Write a number, for example 4.5 or 3/4.');
    }

    public static function inQuestion(int $number, self $trouble): self
    {
        return new self("Question {$number}: {$trouble->getMessage()}");
    }

    public static function working(): self
    {
        return new self('That is the way to the answer. Write what it comes to, as one number.');
    }

    public static function inUnit(string $unit): self
    {
        return new self("The answer is asked for in {$unit}. Write it in {$unit}.");
    }

    /** @param  string  $form such as “a decimal” */
    public static function inForm(string $form): self
    {
        return new self("The answer is asked for as {$form}. Write it so.");
    }

    public static function unreadable(): self
    {
        return new self('This answer did not arrive whole. Load the page again and answer once more.');
    }

    public static function notAllPlaced(): self
    {
        return new self('Place everything first, even if you have to guess.');
    }

    public static function notAllNamed(): self
    {
        return new self('Name every part first, even if you have to guess.');
    }

    public static function notAllLettered(): self
    {
        return new self('Give every line a letter first.');
    }

    public static function nothingMarked(): self
    {
        return new self('Mark some words of the passage first.');
    }

    public static function emptyBox(string $name): self
    {
        return new self("“{$name}” is still empty. Write something in every box.");
    }

    /** @param  string  $place such as “row 2, height” */
    public static function emptyCell(string $place): self
    {
        return new self("The cell in {$place} is still empty. Fill every cell, even if you have to guess.");
    }

    public static function noVerdict(): self
    {
        return new self('Choose true or false first.');
    }

    public static function noExample(): self
    {
        return new self('You say that it is false: give a number for which it does not hold.');
    }

    public static function noTask(): self
    {
        return new self('Choose one of the tasks first.');
    }

    public static function nothingOfTask(): self
    {
        return new self('Write what you did or found, even if it is not finished.');
    }

    public static function noLevel(): self
    {
        return new self('Choose a level first.');
    }

    public static function notAllAnswered(): self
    {
        return new self('Answer every question of your level first, even if you have to guess.');
    }

    public static function notAChoice(): self
    {
        return new self('Choose one of the answers.');
    }
}
