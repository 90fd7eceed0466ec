<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Sort;

use Closure;
use Daybright\Lesson\Fields;

/** A group that things are sorted into. */
final readonly class Group
{
    private function __construct(public string $id, public string $name)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('name', ''));
    }

    /** @param  Closure(string): string  $plain */
    public function inWords(Closure $plain): self
    {
        return new self($this->id, $plain($this->name));
    }
}
