<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\SampleRange;
use Daybright\Recording\Take;

/** A stretch of a take that may be left out. */
final readonly class Proposal
{
    /** @param  string  $text what is said there; empty for a pause, and where that is not known */
    public function __construct(public ProposalKind $kind, public Take $take, public SampleRange $range, public string $text)
    {
    }
}
