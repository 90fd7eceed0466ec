<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** One thing appearing on a slide, with its script line. */
final readonly class Step
{
    /** @param  float  $pause seconds of silence meant after the script line */
    public function __construct(public string $id, public string $script, public float $pause)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('script', ''), $fields->number('pause', 0));
    }
}
