<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;

/** What of a shared lesson says when it waits for what, without its pictures and words: small, and quickly read. */
final readonly class LessonOutline
{
    /**
     * @param  float  $length of the narration, in milliseconds
     * @param  list<FrozenChapter>  $chapters
     * @param  list<FrozenPause>  $pauses in order
     */
    public function __construct(public string $title, public float $length, public array $chapters, public array $pauses)
    {
    }

    public static function read(Fields $lesson): self
    {
        return new self(
            $lesson->text('title'),
            $lesson->number('length'),
            array_map(FrozenChapter::read(...), $lesson->list('chapters')),
            array_map(FrozenPause::read(...), $lesson->list('pauses')),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'title' => $this->title,
            'length' => $this->length,
            'chapters' => array_map(static fn (FrozenChapter $chapter): array => $chapter->toArray(), $this->chapters),
            'pauses' => array_map(static fn (FrozenPause $pause): array => $pause->toArray(), $this->pauses),
        ];
    }
}
