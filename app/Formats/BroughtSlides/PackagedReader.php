<?php

declare(strict_types=1);

namespace App\Formats\BroughtSlides;

use App\Formats\ImportedLesson;
use App\Models\User;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\UnreadableText;

/** Slides of a file that is a zip of parts, and known by one of them. */
abstract class PackagedReader extends SlidesReader
{
    /** A part that every document of this kind has, and other files have not. */
    abstract protected static function sign(): string;

    /** What that part begins with; empty where its name says enough. */
    abstract protected static function begins(): string;

    /**
     * @return list<ReadSlide>
     *
     * @throws UnreadableText
     */
    abstract protected static function slides(ZipParts $parts): array;

    public function recognises(string $path): bool
    {
        $part = ZipParts::open($path)?->part(static::sign());

        return $part !== null && str_starts_with($part, static::begins());
    }

    public function read(User $teacher, string $path, string $name): ImportedLesson
    {
        $parts = ZipParts::open($path) ?? throw UnreadableText::damaged();

        return $this->lesson(static::slides($parts), pathinfo($name, PATHINFO_FILENAME), $parts->picture(...));
    }
}
