<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Footage\CarriedFilms;
use App\Models\Take;
use App\Models\TakeState;
use Daybright\Recording\Editing\Replacement;
use Daybright\Recording\KeptRanges;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Silence;

/** A take in which a stretch of an earlier one is said again, and all else stays: sound, what was done, and what was edited. */
final readonly class SaidAgain
{
    /** @param  list<SampleRange>  $said of what was said anew, without the silence at its ends */
    private function __construct(private Take $earlier, private SampleRange $gone, private string $sound, private array $said)
    {
    }

    /**
     * @param  string  $sound what was said anew, decoded
     * @return self|null null where the take is no such one, or the earlier one is gone
     */
    public static function in(Take $take, string $sound): ?self
    {
        $earlier = $take->continues_until === null ? null : Take::query()->find($take->continues);
        if ($earlier === null || $earlier->state !== TakeState::Ready || $earlier->slide !== $take->slide) {
            return null;
        }
        $from = min((int) $take->continues_at, $earlier->length - 1);
        $length = AudioEncoder::length($sound);
        $silent = Silence::atTheEnds(AudioEncoder::waveform($sound)->loudness, $length);

        return new self(
            $earlier,
            new SampleRange($from, max($from + 1, min((int) $take->continues_until, $earlier->length))),
            $sound,
            KeptRanges::afterCuts($length, $silent)->ranges,
        );
    }

    /** @return string path of a temporary file: the earlier take with what was said anew in its place, at one loudness */
    public function sound(): string
    {
        $whole = ['file' => Files::found($this->earlier->path('sound.flac')), 'loudness' => $this->earlier->loudness ?? -16.0];
        $after = $this->gone->to < $this->earlier->length
            ? [['ranges' => [new SampleRange($this->gone->to, $this->earlier->length)]] + $whole]
            : [];

        return AudioEncoder::join([
            ...$this->gone->from > 0 ? [['ranges' => [new SampleRange(0, $this->gone->from)]] + $whole] : [],
            ['file' => $this->sound, 'loudness' => AudioEncoder::loudness($this->sound), 'ranges' => $this->said],
            ...$after,
        ]);
    }

    /** Gives the take, whose sound is measured, what was done and edited in the earlier one. What is filmed stands still meanwhile. */
    public function keep(Take $take): void
    {
        $length = array_sum(array_map(static fn (SampleRange $range): int => $range->length(), $this->said));
        $replacement = new Replacement($this->gone, $length);
        $take->update([
            'events' => $replacement->events(
                CarriedFilms::into($take, $this->earlier, $this->earlier->movedEvents(), $this->gone, $length),
            ),
            ...CarriedEdits::into($replacement, $this->earlier),
        ]);
    }
}
