<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** What a student can do by the end. */
final readonly class Aim
{
    public function __construct(public string $id, public string $text)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('text', ''));
    }
}
