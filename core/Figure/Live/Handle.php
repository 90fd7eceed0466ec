<?php

declare(strict_types=1);

namespace Daybright\Figure\Live;

use Daybright\Scene\Box;

/** Something of a figure or a block that can be worked while it is shown, and what each way of working it changes. */
final readonly class Handle
{
    /** In a change, where the value that is turned or typed belongs. */
    public const VALUE = '⟨value⟩';

    /** The same with its sign before it, as “+ 2” and “− 2”. */
    public const SIGNED = '⟨± value⟩';

    /** In a change, as a name: the words that were marked, as Language\Phrase calls them. */
    public const WORDS = '⟨words⟩';

    /** The same, in minutes, as a time of the clock. */
    public const CLOCK = '⟨hours:minutes⟩';

    /**
     * @param  string  $name the same for the same thing in every state
     * @param  Box|null  $box where it is seen; null for what has no place of its own
     * @param  list<Target>  $targets where it can be put, or what can be chosen
     * @param  array<string, mixed>  $change merge patch with VALUE in it, for what is turned or typed
     * @param  string  $value that it has now
     * @param  array{least: float, most: float, step: float}|null  $range of a number that is turned
     * @param  list<Target>  $options what can be done with words that were marked, with WORDS in their changes
     */
    private function __construct(
        public string $name,
        public string $label,
        public HandleWay $way,
        public ?Box $box,
        public array $targets = [],
        public array $change = [],
        public string $value = '',
        public ?array $range = null,
        public array $options = [],
    ) {
    }

    /** @param  list<Target>  $targets */
    public static function drag(string $name, string $label, Box $box, array $targets): self
    {
        return new self($name, $label, HandleWay::Drag, $box, $targets);
    }

    /** @param  list<Target>  $targets */
    public static function press(string $name, string $label, ?Box $box, array $targets): self
    {
        return new self($name, $label, HandleWay::Press, $box, $targets);
    }

    /** @param  array<string, mixed>  $change */
    public static function turn(string $name, string $label, float $value, float $least, float $most, float $step, array $change): self
    {
        $range = ['least' => min($least, $value), 'most' => max($most, $value), 'step' => $step];

        return new self($name, $label, HandleWay::Turn, null, [], $change, (string) round($value, 6), $range);
    }

    /** @param  array<string, mixed>  $change */
    public static function type(string $name, string $label, Box $box, string $value, array $change): self
    {
        return new self($name, $label, HandleWay::Type, $box, [], $change, $value);
    }

    /**
     * @param  non-empty-list<Target>  $words in the order of reading, each where it stands
     * @param  list<Target>  $options
     */
    public static function sweep(string $name, string $label, array $words, array $options): self
    {
        $places = array_filter(array_map(static fn (Target $word): ?Box => $word->box, $words));

        return new self($name, $label, HandleWay::Sweep, Box::around(array_values($places)), $words, options: $options);
    }

    /** On the slide. */
    public function placed(float $x, float $y, float $scale): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->way,
            $this->box?->scaled($scale)->moved($x, $y),
            array_map(static fn (Target $target): Target => $target->placed($x, $y, $scale), $this->targets),
            $this->change,
            $this->value,
            $this->range,
            $this->options,
        );
    }

    /** As a change of what holds the figure, under one of its names. */
    public function within(string $name): self
    {
        return new self(
            $this->name,
            $this->label,
            $this->way,
            $this->box,
            array_map(static fn (Target $target): Target => $target->within($name), $this->targets),
            $this->change === [] ? [] : [$name => $this->change],
            $this->value,
            $this->range,
            array_map(static fn (Target $option): Target => $option->within($name), $this->options),
        );
    }
}
