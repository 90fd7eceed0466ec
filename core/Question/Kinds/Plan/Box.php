<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Plan;

use Closure;
use Daybright\Lesson\Fields;

/** A box of the plan to write in. */
final readonly class Box
{
    /**
     * @param  string  $starter how the student may begin
     * @param  string  $model what a good plan would say
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $purpose,
        public string $starter,
        public string $model,
    ) {
    }

    public static function from(Fields $fields): self
    {
        return new self(
            $fields->text('id'),
            $fields->text('name', ''),
            $fields->text('purpose', ''),
            $fields->text('starter', ''),
            $fields->text('model', ''),
        );
    }

    /** @param  Closure(string): string  $plain */
    public function inWords(Closure $plain): self
    {
        return new self($this->id, $plain($this->name), $plain($this->purpose), $plain($this->starter), $plain($this->model));
    }
}
