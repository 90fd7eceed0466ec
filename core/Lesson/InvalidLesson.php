<?php

declare(strict_types=1);

namespace Daybright\Lesson;

use Daybright\Failure;
use DomainException;

/** A lesson, or a piece of one, that cannot be used as it is; the message says what to change. */
final class InvalidLesson extends DomainException implements Failure
{
    public static function failureCode(): string
    {
        return 'invalid-lesson';
    }

    /** @param  string  $pointer JSON Pointer (RFC 6901) to the field */
    private function __construct(string $message, public readonly string $pointer)
    {
        parent::__construct($message);
    }

    public static function because(string $sentence, string $pointer): self
    {
        return new self($sentence, $pointer);
    }

    public static function missing(string $pointer): self
    {
        return new self(sprintf('The lesson has no %s. Fill it in.', basename($pointer)), $pointer);
    }

    public static function wrongKind(string $pointer, string $expected): self
    {
        return new self(sprintf('%s must be %s.', ucfirst(basename($pointer)), $expected), $pointer);
    }

    public static function unknownKind(string $kind, string $pointer): self
    {
        return new self("“{$kind}” is not a kind of block that this program knows. It may come from a newer version.", $pointer);
    }

    public static function unknownMedium(string $type, string $pointer): self
    {
        return new self("A file of type “{$type}” cannot be shown by this program. It may come from a newer version.", $pointer);
    }

    public static function repeatedId(string $id): self
    {
        return new self("Two things in the lesson have the same id “{$id}”.", '');
    }
}
