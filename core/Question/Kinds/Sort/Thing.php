<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Sort;

use Closure;
use Daybright\Lesson\Fields;

/** Something to sort, and the group where it belongs. */
final readonly class Thing
{
    /** @param  string|null  $picture id of a medium */
    private function __construct(public string $id, public string $text, public string $group, public ?string $picture)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('text', ''), $fields->text('group', ''), $fields->optionalText('picture'));
    }

    /** @param  Closure(string): string  $plain */
    public function inWords(Closure $plain): self
    {
        return new self($this->id, $plain($this->text), $this->group, $this->picture);
    }
}
