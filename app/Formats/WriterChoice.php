<?php

declare(strict_types=1);

namespace App\Formats;

/** Something that is chosen before a file is made. */
final readonly class WriterChoice
{
    /**
     * @param  string  $name such as “shape”
     * @param  string  $label asks for it
     * @param  non-empty-array<string, string>  $options labels by value, the usual one first
     */
    public function __construct(public string $name, public string $label, public array $options)
    {
    }

    /** @param  array<string, string>  $choices */
    public function of(array $choices): string
    {
        $chosen = $choices[$this->name] ?? '';

        return isset($this->options[$chosen]) ? $chosen : (string) array_key_first($this->options);
    }
}
