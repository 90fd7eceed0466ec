<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

use Daybright\Lesson\Fields;

/** Where each word of a script is in a take, and where the take departs from the script. */
final readonly class ScriptAlignment
{
    /**
     * @param  list<AlignedWord>  $words one for every word of the script
     * @param  list<Departure>  $departures in the order of time
     * @param  bool  $isOfThisScript whether the script was recognised at all; else nothing of it can be trusted
     */
    public function __construct(public array $words, public array $departures, public bool $isOfThisScript)
    {
    }

    /** As it is kept. */
    public static function read(Fields $alignment): self
    {
        return new self(
            array_map(static fn (Fields $word): AlignedWord => new AlignedWord(
                $word->text('text'),
                $word->number('from'),
                $word->number('to'),
                $word->flag('isSaid'),
            ), $alignment->list('words')),
            array_map(static fn (Fields $departure): Departure => new Departure(
                DepartureKind::tryFrom($departure->text('kind')) ?? DepartureKind::Added,
                $departure->number('from'),
                $departure->number('to'),
                $departure->whole('word'),
                $departure->text('text'),
            ), $alignment->list('departures')),
            $alignment->flag('isOfThisScript'),
        );
    }
}
