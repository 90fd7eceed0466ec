<?php

declare(strict_types=1);

namespace Daybright\Figure\Form;

/** One thing that a teacher fills in for a figure. */
final readonly class Field
{
    /**
     * @param  array<string, string>  $choices value => label
     * @param  array<string, list<string>>  $when shown only while these fields have one of these values
     */
    private function __construct(
        public Control $control,
        public string $name,
        public string $label,
        public string $hint = '',
        public array $choices = [],
        public array $when = [],
    ) {
    }

    public static function text(string $name, string $label, string $hint = ''): self
    {
        return new self(Control::Text, $name, $label, $hint);
    }

    public static function whole(string $name, string $label): self
    {
        return new self(Control::Whole, $name, $label);
    }

    public static function tick(string $name, string $label): self
    {
        return new self(Control::Tick, $name, $label);
    }

    /** @param  string  $hint an example of what to type */
    public static function lines(string $name, string $label, string $hint = ''): self
    {
        return new self(Control::Lines, $name, $label, $hint);
    }

    /** @param  non-empty-array<string, string>  $choices value => label */
    public static function choice(string $name, string $label, array $choices): self
    {
        return new self(Control::Choice, $name, $label, '', $choices);
    }

    public static function special(Control $control, string $name, string $label, string $hint = ''): self
    {
        return new self($control, $name, $label, $hint);
    }

    public function when(string $name, string ...$values): self
    {
        return new self(
            $this->control,
            $this->name,
            $this->label,
            $this->hint,
            $this->choices,
            [...$this->when, $name => array_values($values)],
        );
    }
}
