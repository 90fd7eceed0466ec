<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;

/** The time of one slide, in milliseconds of narration. */
final readonly class FrozenChapter
{
    /** @param  string  $part such as “explain” */
    public function __construct(public float $at, public float $until, public string $slide, public string $title, public string $part)
    {
    }

    public static function read(Fields $chapter): self
    {
        return new self(
            $chapter->number('at'),
            $chapter->number('until'),
            $chapter->text('slide'),
            $chapter->text('title'),
            $chapter->text('part'),
        );
    }

    /** Its title, or that of its part. */
    public function name(): string
    {
        return $this->title !== '' ? $this->title : (string) PartKind::tryFrom($this->part)?->label();
    }

    /** @return array<mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }
}
