<?php

declare(strict_types=1);

namespace Daybright\Question;

use Closure;
use Daybright\Lesson\Fields;

/** Something that a question is about, with a text and an id that answers name it by. */
final readonly class Item
{
    public function __construct(public string $id, public string $text)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('id'), $fields->text('text', ''));
    }

    /** @param  Closure(string): string  $plain */
    public function inWords(Closure $plain): self
    {
        return new self($this->id, $plain($this->text));
    }

    /** @return array{id: string, text: string} */
    public function asked(): array
    {
        return ['id' => $this->id, 'text' => $this->text];
    }
}
