<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Lesson\Fields;

/** Until when is practised: so many right in a row, or so many minutes. */
final readonly class PractiseGoal
{
    private function __construct(public ?int $inARow, public ?int $minutes)
    {
    }

    public static function from(Fields $goal): self
    {
        return new self(
            $goal->has('inARow') ? $goal->whole('inARow') : null,
            $goal->has('minutes') ? $goal->whole('minutes') : null,
        );
    }

    public function isMet(Practised $practised): bool
    {
        return ($this->inARow === null || $practised->inARow >= $this->inARow)
            && ($this->minutes === null || $practised->seconds >= 60 * $this->minutes);
    }

    /** @return array{inARow: int|null, minutes: int|null} */
    public function toArray(): array
    {
        return ['inARow' => $this->inARow, 'minutes' => $this->minutes];
    }
}
