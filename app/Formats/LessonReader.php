<?php

declare(strict_types=1);

namespace App\Formats;

use App\Models\User;
use DomainException;

/** A format from which a lesson can be brought in. */
interface LessonReader
{
    /** In addresses, such as “archive”. */
    public static function name(): string;

    public static function label(): string;

    /** @return non-empty-list<string> ends of file names, such as “.zip”, for the dialog that chooses a file */
    public static function accepts(): array;

    /** Whether a file is of this format, by what is in it. */
    public function recognises(string $path): bool;

    /**
     * Reads everything and checks everything, and changes nothing.
     *
     * @param  string  $name of the file as it was chosen
     *
     * @throws DomainException
     */
    public function read(User $teacher, string $path, string $name): ImportedLesson;
}
