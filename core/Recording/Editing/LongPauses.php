<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\Clock;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Silence;
use Daybright\Recording\SpokenWord;
use Daybright\Recording\WordAlignment;

/** Pauses that are longer than wished, shortened where they are quietest, so that a breath stays; not while something is done. */
final readonly class LongPauses implements Proposes
{
    /** Less is not worth a cut, in milliseconds. */
    private const LEAST = 150;

    /** Kinds of event that are over in a moment: a pause around them may be shortened. */
    private const MOMENTS = ['show', 'step', 'layout', 'pointer'];

    /** @param  int  $wished milliseconds that a pause may last */
    public function __construct(private int $wished)
    {
    }

    public function propose(array $takes): array
    {
        $proposals = [];
        foreach ($takes as $edited) {
            foreach (WordAlignment::align($edited->slide, $edited->take, $edited->peaks) as $word) {
                $range = $word->isSilence ? $this->shortened($word, $edited) : null;
                if ($range !== null) {
                    $proposals[] = new Proposal(ProposalKind::Pause, $edited->take, $range, '');
                }
            }
        }

        return $proposals;
    }

    /** The quietest stretch of a silence, as long as what is too much of it. */
    private function shortened(SpokenWord $silence, EditedTake $edited): ?SampleRange
    {
        $window = Clock::samples(Silence::WINDOW);
        $tooMuch = intdiv($silence->to - $silence->from - Clock::samples($this->wished), $window);
        if ($tooMuch * Silence::WINDOW < self::LEAST || $this->isBusy($silence, $edited)) {
            return null;
        }
        $first = intdiv($silence->from + $window - 1, $window);
        $last = intdiv($silence->to, $window) - $tooMuch;
        // Of stretches as quiet as another, the one in the middle leaves the words around it the same room.
        $middle = ($first + $last) / 2;
        $best = null;
        $least = INF;
        for ($at = $first; $at <= $last; $at++) {
            $loud = array_sum(array_slice($edited->peaks, $at, $tooMuch)) + abs($at - $middle) / 1000;
            if ($loud < $least) {
                [$best, $least] = [$at, $loud];
            }
        }

        return $best === null ? null : new SampleRange($best * $window, ($best + $tooMuch) * $window);
    }

    private function isBusy(SpokenWord $silence, EditedTake $edited): bool
    {
        foreach ($edited->take->events as $event) {
            $at = Clock::samples($event->at);
            if ($at > $silence->from && $at < $silence->to && ! in_array($event->kind, self::MOMENTS, true)) {
                return true;
            }
        }

        return false;
    }
}
