<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\ScaleReading;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Question\Kinds\NumberWithUnit\NumberWithUnit;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\TypesNumber;

/** Read a scale: a number with its unit, right within half a division either way. */
final readonly class ScaleReading implements KnowsRightAnswer, QuestionKind, TypesNumber
{
    private function __construct(private NumberWithUnit $number, private string $tolerance)
    {
    }

    public static function name(): string
    {
        return 'reading';
    }

    public static function from(Fields $content): self
    {
        return new self(NumberWithUnit::from($content), $content->text('tolerance', ''));
    }

    public function answer(): string
    {
        $half = trim($this->tolerance);

        return $this->number->answer().($half === '' ? '' : " (within {$half})");
    }

    public function rightAnswer(): string
    {
        return $this->number->rightAnswer();
    }

    public function tolerance(): string
    {
        return is_numeric(trim($this->tolerance)) ? trim($this->tolerance) : '';
    }

    public function asked(): array
    {
        return [];
    }

    public function shown(): array
    {
        return [];
    }

    public function mark(string $given, int $marks): Marking
    {
        $marking = $this->number->mark($given, $marks);

        return $marking->earned === 0
            ? Marking::wrong($marking->outOf, 'Not yet. Find out what one division is worth, then count on from the number below.')
            : $marking;
    }

    public function readable(string $given): string
    {
        return $this->number->readable($given);
    }

    public function unfinished(): ?string
    {
        return $this->number->unfinished();
    }

    public function inWords(Closure $plain): self
    {
        return new self($this->number->inWords($plain), $this->tolerance);
    }
}
