<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Label;

use Closure;
use Daybright\Lesson\Fields;

/** A part of the picture, and the names that are right for it, a stroke between them. */
final readonly class Point
{
    /** @param  float  $x and $y as shares of the picture */
    private function __construct(public string $id, public string $name, public float $x, public float $y)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('name', ''), $fields->number('x', 0), $fields->number('y', 0));
    }

    /** @param  Closure(string): string  $plain */
    public function inWords(Closure $plain): self
    {
        return new self($this->id, $plain($this->name), $this->x, $this->y);
    }
}
