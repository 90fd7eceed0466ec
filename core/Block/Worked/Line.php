<?php

declare(strict_types=1);

namespace Daybright\Block\Worked;

use Daybright\Lesson\Fields;

/** A line of working with its reason. */
final readonly class Line
{
    /**
     * @param  string  $formula as typed
     * @param  array<string, string>  $marks number => piece of the formula, to show which came from where
     */
    private function __construct(public string $id, public string $formula, public string $reason, public array $marks)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('formula', ''), $fields->text('reason', ''), $fields->map('marks'));
    }
}
