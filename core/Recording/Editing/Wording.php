<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\SampleRange;

/** What the teacher typed for a stretch of a take: words put right, or what was said beside the script. */
final readonly class Wording
{
    /** @param  string  $text empty where nothing is to be read */
    public function __construct(public SampleRange $range, public string $text)
    {
    }

    /** @return array{from: int, to: int, text: string} as it is kept */
    public function toArray(): array
    {
        return [...$this->range->toArray(), 'text' => $this->text];
    }

    /** @return bool whether it is typed for this moment of the take, in samples */
    public function isAt(float $sample): bool
    {
        return $this->range->from <= $sample && $sample < $this->range->to;
    }
}
