<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\Alignment\DepartureKind;

/** What may be left out of a lesson so that it becomes as short as it should be: what is missed least comes first. */
final readonly class Shortening
{
    /** @param  list<Proposal>  $proposals none overlaps another, or what is cut already */
    private function __construct(public array $proposals)
    {
    }

    /**
     * @param  list<EditedTake>  $takes those of the lesson, in its order
     * @param  int  $pause milliseconds that a pause may last
     */
    public static function propose(array $takes, int $pause): self
    {
        $byTake = array_column(array_map(static fn (EditedTake $edited): array => [$edited->take->id, $edited], $takes), 1, 0);
        $proposals = [];
        foreach (self::kinds($pause) as $kind) {
            foreach ($kind->propose($takes) as $proposal) {
                if (! $byTake[$proposal->take->id]->touchesCut($proposal->range) && ! self::overlaps($proposal, $proposals)) {
                    $proposals[] = $proposal;
                }
            }
        }

        return new self($proposals);
    }

    /**
     * How many of the proposals add up to what should be won: all where they do not.
     *
     * @param  int  $samples to be won
     */
    public function needed(int $samples): int
    {
        $won = 0;
        foreach ($this->proposals as $number => $proposal) {
            if ($won >= $samples) {
                return $number;
            }
            $won += $proposal->range->length();
        }

        return count($this->proposals);
    }

    /** @return list<Proposes> one line each, in the order in which what they find is missed least */
    private static function kinds(int $pause): array
    {
        return [
            new Departures(DepartureKind::Restarted, ProposalKind::Restart),
            new LongPauses($pause),
            new Departures(DepartureKind::Added, ProposalKind::Aside),
            new RepeatedSentences(isRecap: true),
            new RepeatedSentences(isRecap: false),
        ];
    }

    /** @param  list<Proposal>  $others */
    private static function overlaps(Proposal $proposal, array $others): bool
    {
        return array_filter($others, static fn (Proposal $other): bool => $other->take->id === $proposal->take->id
            && $other->range->meets($proposal->range)) !== [];
    }
}
