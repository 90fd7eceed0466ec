<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Lesson\Fields;

/** A caption: words and when they are shown. */
final readonly class Cue
{
    /**
     * @param  float  $from and $to in milliseconds
     * @param  list<float>  $words when each word of it begins, in milliseconds; empty where that is not known
     */
    public function __construct(public float $from, public float $to, public string $text, public array $words = [])
    {
    }

    /** As it is kept. */
    public static function read(Fields $cue): self
    {
        $words = $cue->has('words') ? $cue->raw()['words'] : [];

        return new self(
            $cue->number('from'),
            $cue->number('to'),
            $cue->text('text'),
            array_map(floatval(...), is_array($words) ? array_values(array_filter($words, is_numeric(...))) : []),
        );
    }

    /** The same, later by some samples of sound or, where the number is negative, earlier. */
    public function moved(int $samples): self
    {
        return new self(
            Clock::moved($this->from, $samples),
            Clock::moved($this->to, $samples),
            $this->text,
            array_map(static fn (float $word): float => Clock::moved($word, $samples), $this->words),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['from' => $this->from, 'to' => $this->to, 'text' => $this->text] + ($this->words === [] ? [] : ['words' => $this->words]);
    }
}
