<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** Reads the words and the departures off a path. */
final class PathReading
{
    /** Windows of speech in a gap that are something said: 0.8 seconds. */
    private const LEAST_ADDED = 40;

    /** What stands in for a sentence in other words takes about as long as it. */
    private const LEAST_REWORDED = 0.5;

    private const MOST_REWORDED = 2.2;

    /** @var array<int, float> milliseconds by number of the word */
    private array $starts = [];

    /** @var array<int, float> */
    private array $ends = [];

    /** @var list<int> number of the word of every frame */
    private readonly array $wordOf;

    public function __construct(
        private readonly TakeFrames $take,
        private readonly ReferenceFrames $reference,
        private readonly Script $script,
        private readonly SearchPath $path,
        private readonly SearchCosts $costs,
    ) {
        $this->wordOf = $reference->words();
    }

    public function read(bool $isOfThisScript): ScriptAlignment
    {
        $this->placeWords();
        $added = $this->added();
        $skipped = [];
        foreach ($this->path->skips as [$t, $sentence]) {
            $words = array_keys($this->script->sentences()[$sentence]);
            $reworded = $this->reworded($words, $added);
            if ($reworded === null) {
                $skipped[$sentence] = TakeFrames::milliseconds($t);
            } else {
                $this->share($words, $added[$reworded]);
                unset($added[$reworded]);
            }
        }
        $departures = [...array_map($this->named(...), array_values($added)), ...$this->skipped($skipped), ...$this->restarted()];
        usort($departures, static fn (Departure $one, Departure $other): int => $one->from <=> $other->from);

        return new ScriptAlignment($this->words($skipped), $departures, $isOfThisScript);
    }

    private function placeWords(): void
    {
        $before = -1;
        foreach ($this->path->frames as $t => $frame) {
            if ($frame < 0) {
                $before = -1;

                continue;
            }
            $word = $this->wordOf[$frame];
            $isEntered = $before < 0 || $frame - $this->reference->starts[$word] <= 1 || ! isset($this->starts[$word]) || $word <= $before;
            if ($word !== $before && $isEntered) {
                $this->starts[$word] = TakeFrames::milliseconds($t);
            }
            $this->ends[$word] = TakeFrames::milliseconds($t + 1);
            $before = $word;
        }
    }

    /** @return array<int, Departure> speech that no word of the script was found for */
    private function added(): array
    {
        $added = [];
        $count = $this->take->count;
        for ($t = 0; $t < $count; $t = $end) {
            $word = $this->path->gaps[$t];
            for ($end = $t + 1; $end < $count && $this->path->gaps[$end] === $word; $end++);
            $spoken = $word < 0 ? 0 : substr_count(substr($this->take->mask, $t, $end - $t), '1');
            if ($spoken >= self::LEAST_ADDED) {
                $from = $t + (int) strpos(substr($this->take->mask, $t, $end - $t), '1');
                $to = $t + (int) strrpos(substr($this->take->mask, $t, $end - $t), '1') + 1;
                $added[] = new Departure(
                    DepartureKind::Added,
                    TakeFrames::milliseconds($from),
                    TakeFrames::milliseconds($to),
                    $word,
                    '',
                );
            }
        }

        return $added;
    }

    /** What was taken for something added may be a sentence that is begun, and stops, before it is said. */
    private function named(Departure $added): Departure
    {
        $words = $this->script->words;
        $isBeforeSentence = isset($words[$added->word])
            && ($added->word === 0 || $words[$added->word - 1]->sentence !== $words[$added->word]->sentence);
        if (! $isBeforeSentence) {
            return $added;
        }
        $last = $added->word;
        while (isset($words[$last + 1]) && $words[$last + 1]->sentence === $words[$added->word]->sentence) {
            $last++;
        }
        $first = $this->reference->starts[$added->word];
        $windows = array_values(array_filter(
            range(self::window($added->from), max(self::window($added->from), self::window($added->to) - 1)),
            fn (int $t): bool => ($this->take->mask[$t] ?? '0') === '1',
        ));
        $length = $this->reference->starts[$last + 1] - $first;
        $warp = Warp::of($this->take, $windows, $this->reference->features, $first, $length, $this->costs);
        if ($windows === [] || $warp->begun() > $this->costs->unmatched) {
            return $added;
        }
        $stopped = $this->wordOf[$first + $warp->stopped()];
        $said = array_slice($words, $added->word, $stopped - $added->word + 1);

        return new Departure(DepartureKind::Restarted, $added->from, $added->to, $added->word, self::written($said));
    }

    private static function window(float $milliseconds): int
    {
        return max(0, (int) round($milliseconds * MelFeatures::RATE / 1000 / MelFeatures::HOP));
    }

    /**
     * A sentence beside speech of a plausible length was said in other words.
     *
     * @param  list<int>  $words of the sentence
     * @param  array<int, Departure>  $added
     */
    private function reworded(array $words, array $added): ?int
    {
        [$first, $last] = [$words[0] ?? 0, $words[count($words) - 1] ?? 0];
        $expected = ($this->reference->starts[$last + 1] - $this->reference->starts[$first]) * 1000 * MelFeatures::HOP / MelFeatures::RATE;
        foreach ($added as $number => $each) {
            $length = $each->to - $each->from;
            $isBeside = $each->word === $first || $each->word === $last + 1;
            if ($isBeside && $length > self::LEAST_REWORDED * $expected && $length < self::MOST_REWORDED * $expected) {
                return $number;
            }
        }

        return null;
    }

    /** @param  list<int>  $words that are laid over a stretch of speech by their lengths */
    private function share(array $words, Departure $speech): void
    {
        $weights = array_map(fn (int $word): float => $this->script->words[$word]->weight(), $words);
        $all = array_sum($weights);
        $at = $speech->from;
        foreach ($words as $number => $word) {
            $this->starts[$word] = $at;
            $at += ($speech->to - $speech->from) * $weights[$number] / $all;
            $this->ends[$word] = $at;
        }
    }

    /**
     * @param  array<int, float>  $skipped milliseconds at which it would have been said, by sentence
     * @return list<Departure>
     */
    private function skipped(array $skipped): array
    {
        $departures = [];
        foreach ($skipped as $sentence => $at) {
            $words = $this->script->sentences()[$sentence];
            $departures[] = new Departure(DepartureKind::Skipped, $at, $at, (int) array_key_first($words), self::written($words));
        }

        return $departures;
    }

    /** @return list<Departure> from where a sentence was begun first to where it is begun again */
    private function restarted(): array
    {
        $departures = [];
        foreach ($this->path->restarts as [$t, $word]) {
            $first = $t;
            $last = $word;
            $sentence = $this->script->words[$word]->sentence;
            for ($at = $t; $at >= 0; $at--) {
                $frame = $this->path->frames[$at];
                $here = $frame < 0 ? null : $this->wordOf[$frame];
                if ($here !== null && ($this->script->words[$here]->sentence !== $sentence || $here < $word)) {
                    break;
                }
                if ($here !== null) {
                    [$first, $last] = [$at, max($last, $here)];
                }
            }
            $departures[] = new Departure(
                DepartureKind::Restarted,
                TakeFrames::milliseconds($first),
                TakeFrames::milliseconds($t),
                $word,
                self::written(array_slice($this->script->words, $word, $last - $word + 1)),
            );
        }

        return $departures;
    }

    /** @param  array<ScriptWord>  $words */
    private static function written(array $words): string
    {
        return implode(' ', array_map(static fn (ScriptWord $word): string => $word->text, $words));
    }

    /**
     * @param  array<int, float>  $skipped
     * @return list<AlignedWord>
     */
    private function words(array $skipped): array
    {
        $words = [];
        $at = 0.0;
        foreach ($this->script->words as $number => $word) {
            $from = $skipped[$word->sentence] ?? $this->starts[$number] ?? $at;
            $to = isset($skipped[$word->sentence]) ? $from : max($from, $this->ends[$number] ?? $from);
            $words[] = new AlignedWord($word->text, round($from, 1), round($to, 1), ! isset($skipped[$word->sentence]));
            $at = max($at, $to);
        }

        return $words;
    }
}
