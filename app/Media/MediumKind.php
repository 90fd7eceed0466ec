<?php

declare(strict_types=1);

namespace App\Media;

use Daybright\Lesson\Media\Medium;
use DomainException;

/** How the server takes in and keeps the files of one kind of medium. */
interface MediumKind
{
    /** @return class-string<Medium> */
    public static function medium(): string;

    /** The folder of its files, in storage and in a lesson archive. */
    public static function folder(): string;

    /** What to do instead of choosing a file of no kind, as a sentence. */
    public static function choice(): string;

    /** The largest file in bytes. */
    public static function largest(): int;

    /** By what the file holds, never by what it is called. */
    public static function recognises(string $path): bool;

    /**
     * Written anew in a temporary file, so that nothing but what is shown is kept: no place, no date, no program.
     *
     * @throws DomainException when it cannot be shown
     */
    public static function written(string $path): CheckedFile;

    /**
     * The same, but a file that holds nothing else stays as it is, so that a lesson that goes from school to school loses nothing.
     *
     * @throws DomainException when it cannot be shown, or is not safe
     */
    public static function cleared(string $path): CheckedFile;
}
