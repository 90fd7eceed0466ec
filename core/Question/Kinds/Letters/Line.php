<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Letters;

use Closure;
use Daybright\Lesson\Fields;

/** A line of verse with its letter. */
final readonly class Line
{
    private function __construct(public string $id, public string $text, public string $letter)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('text', ''), $fields->text('letter', ''));
    }

    /** @param  Closure(string): string  $plain */
    public function inWords(Closure $plain): self
    {
        return new self($this->id, $plain($this->text), $this->letter);
    }
}
