<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\Alignment\DepartureKind;
use Daybright\Recording\Clock;
use Daybright\Recording\SampleRange;

/** What was said besides the script: a sentence begun again, or an aside; nothing that the teacher wants to keep. */
final readonly class Departures implements Proposes
{
    public function __construct(private DepartureKind $departure, private ProposalKind $kind)
    {
    }

    public function propose(array $takes): array
    {
        $proposals = [];
        foreach ($takes as $edited) {
            foreach ($edited->take->alignment->departures ?? [] as $departure) {
                [$from, $to] = [Clock::samples($departure->from), min($edited->take->length, Clock::samples($departure->to))];
                if ($departure->kind === $this->departure && $to > $from && ! in_array($from, $edited->kept, true)) {
                    $proposals[] = new Proposal($this->kind, $edited->take, new SampleRange($from, $to), $departure->text);
                }
            }
        }

        return $proposals;
    }
}
