<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Choice;

use Closure;
use Daybright\Lesson\Fields;

/** One of the answers to choose from. */
final readonly class Option
{
    /**
     * @param  string  $slip what went wrong when it is chosen; empty where that is not known
     * @param  string  $picture id of a medium; empty for none
     */
    private function __construct(
        public string $id,
        public string $text,
        public bool $isRight,
        public string $slip,
        public string $picture,
    ) {
    }

    public static function from(Fields $fields): self
    {
        return new self(
            $fields->text('id'),
            $fields->text('text', ''),
            $fields->flag('right'),
            $fields->text('slip', ''),
            $fields->text('picture', ''),
        );
    }

    /** @param  Closure(string): string  $plain */
    public function inWords(Closure $plain): self
    {
        return new self($this->id, $plain($this->text), $this->isRight, $plain($this->slip), $this->picture);
    }
}
