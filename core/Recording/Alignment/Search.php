<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/**
 * Looks for the best way through the frames of the reference, with a gap that may stand before every word (silence, or speech that is
 * not in the script), and arcs that leave a sentence out or begin one again.
 *
 * After A. Viterbi, “Error bounds for convolutional codes and an asymptotically optimum decoding algorithm”, IEEE Transactions on
 * Information Theory 13 (1967), with a beam instead of a band about the diagonal.
 */
final class Search
{
    private const FAR = 1e30;

    private const WIDEST_BEAM = 5000;

    /** How a frame is come to: from itself, from the one before, over one, out of a gap. */
    private const CODES = ["\0", "\1", "\2", "\3", "\4"];

    private const STAYED = 0;

    private const STEPPED = 1;

    private const JUMPED = 2;

    private const LEFT_GAP = 3;

    /** How a gap is come to: by staying in it, from the last frame of the word before or the last but one, by a skip, by a restart. */
    private const ENTERED = 1;

    private const SKIPPED = 2;

    private const RESTARTED = 3;

    private const ENTERED_EARLY = 4;

    /** @var list<int> first word of every sentence, and the number of words in the end */
    private readonly array $sentences;

    private readonly int $words;

    /** @var list<string> how each frame was come to, window by window */
    private array $frameCodes = [];

    /** @var list<int> first frame of each of them */
    private array $frameOffsets = [];

    /** @var list<string> how each gap was come to, window by window */
    private array $gapCodes = [];

    /** @var array<int, array<int, int>> frame from which a sentence is begun again, by window and word */
    private array $restartedFrom = [];

    /** @var list<float> what it costs to begin again from every word */
    private readonly array $restartCosts;

    /** @param  list<int>  $doubted words in whose sentences it costs more */
    private function __construct(
        private readonly TakeFrames $take,
        private readonly ReferenceFrames $reference,
        Script $script,
        private readonly SearchCosts $costs,
        array $doubted,
    ) {
        $firsts = $restartCosts = [];
        $sentences = array_map(static fn (int $word): int => $script->words[$word]->sentence, $doubted);
        foreach ($script->words as $number => $word) {
            $firsts[$word->sentence] ??= $number;
            $restartCosts[] = $costs->gap + (in_array($word->sentence, $sentences, true) ? $costs->doubted : $costs->restart);
        }
        $this->restartCosts = $restartCosts;
        $this->words = count($script->words);
        $this->sentences = [...array_values($firsts), $this->words];
    }

    /** @param  list<int>  $doubted words from which sentences are begun again only at a higher cost, as is any other word of theirs */
    public static function for(
        TakeFrames $take,
        ReferenceFrames $reference,
        Script $script,
        SearchCosts $costs,
        array $doubted = [],
    ): SearchPath {
        $search = new self($take, $reference, $script, $costs, $doubted);
        [$lastFrame, $lastGap] = $search->forward();
        if ($lastFrame >= self::FAR && $lastGap >= self::FAR && $costs->beam < self::WIDEST_BEAM) {
            return self::for($take, $reference, $script, $costs->wider(), $doubted);
        }

        return $search->back($lastFrame < $lastGap);
    }

    /** @return array{float, float} what it costs to end with the last frame, and in the gap after it */
    private function forward(): array
    {
        // In local variables: they are read some millions of times.
        [$take, $reference, $starts] = [$this->take->features, $this->reference->features, $this->reference->starts];
        [$frames, $words, $count] = [$this->reference->count, $this->words, $this->take->count];
        [$stay, $jump, $gap, $skip, $restarts] = [
            $this->costs->stay, $this->costs->jump, $this->costs->gap, $this->costs->skip, $this->restartCosts,
        ];
        [$unmatched, $mostSilence, $beam] = [$this->costs->unmatched, $this->costs->mostSilence, $this->costs->beam];
        $isStart = array_fill(0, $frames + 3, -1);
        for ($w = 0; $w < $words; $w++) {
            $isStart[$starts[$w]] = $w;
        }
        $begins = array_fill(0, $words + 1, false);
        foreach ($this->sentences as $word) {
            $begins[$word] = true;
        }
        $silence = $this->take->silenceCosts($this->costs->silence);
        $now = $next = array_fill(0, $frames + 3, self::FAR);
        [$low, $high, $oldLow, $oldHigh] = [0, -1, 0, -1];
        $gaps = array_fill(0, $words + 1, self::FAR);
        $gaps[0] = 0.0;
        $allStayed = array_fill(0, $words + 1, self::STAYED);
        $best = 0.0;
        $scale = 1 / MelFeatures::COUNT;
        for ($t = 0; $t < $count; $t++) {
            $o = $t * MelFeatures::COUNT;
            [$x0, $x1, $x2, $x3, $x4, $x5, $x6] = [
                $take[$o], $take[$o + 1], $take[$o + 2], $take[$o + 3], $take[$o + 4], $take[$o + 5], $take[$o + 6],
            ];
            [$x7, $x8, $x9, $xa, $xb, $xc] = [
                $take[$o + 7], $take[$o + 8], $take[$o + 9], $take[$o + 10], $take[$o + 11], $take[$o + 12],
            ];
            $silent = min($silence[$t], $mostSilence);
            $costAtSentence = min($silent, $unmatched);
            // Whoever adds something does so between sentences rather than within one.
            $costWithin = min($silent, $unmatched * 1.08);
            $limit = $best + $beam;
            $least = self::FAR;
            for ($j = $oldLow; $j <= $oldHigh; $j++) {
                $next[$j] = self::FAR;
            }
            $from = $high < 0 ? $frames : $low;
            $to = $high < 0 ? -1 : min($frames - 1, $high + 2);
            for ($w = 0; $w < $words; $w++) {
                if ($gaps[$w] < $limit) {
                    $from = min($from, $starts[$w]);
                    $to = max($to, $starts[$w]);
                }
            }
            $codes = '';
            $one = $from > 0 ? $now[$from - 1] : self::FAR;
            $two = $from > 1 ? $now[$from - 2] : self::FAR;
            [$newLow, $newHigh] = [$frames, -1];
            for ($j = $from; $j <= $to; $j++) {
                $here = $now[$j];
                $cost = $here + $stay;
                $code = self::STAYED;
                if ($one < $cost) {
                    $cost = $one;
                    $code = self::STEPPED;
                }
                if ($two + $jump < $cost) {
                    $cost = $two + $jump;
                    $code = self::JUMPED;
                }
                $w = $isStart[$j];
                if ($w >= 0 && $gaps[$w] < $cost) {
                    $cost = $gaps[$w];
                    $code = self::LEFT_GAP;
                }
                $two = $one;
                $one = $here;
                if ($cost < $limit) {
                    $q = $j * MelFeatures::COUNT;
                    $d = $x0 - $reference[$q];
                    $s = $d * $d;
                    $d = $x1 - $reference[$q + 1];
                    $s += $d * $d;
                    $d = $x2 - $reference[$q + 2];
                    $s += $d * $d;
                    $d = $x3 - $reference[$q + 3];
                    $s += $d * $d;
                    $d = $x4 - $reference[$q + 4];
                    $s += $d * $d;
                    $d = $x5 - $reference[$q + 5];
                    $s += $d * $d;
                    $d = $x6 - $reference[$q + 6];
                    $s += $d * $d;
                    $d = $x7 - $reference[$q + 7];
                    $s += $d * $d;
                    $d = $x8 - $reference[$q + 8];
                    $s += $d * $d;
                    $d = $x9 - $reference[$q + 9];
                    $s += $d * $d;
                    $d = $xa - $reference[$q + 10];
                    $s += $d * $d;
                    $d = $xb - $reference[$q + 11];
                    $s += $d * $d;
                    $d = $xc - $reference[$q + 12];
                    $s += $d * $d;
                    $cost += sqrt($s * $scale);
                    if ($cost < $least) {
                        $least = $cost;
                    }
                    $next[$j] = $cost;
                    if ($j < $newLow) {
                        $newLow = $j;
                    }
                    $newHigh = $j;
                }
                $codes .= self::CODES[$code];
            }
            [$newGaps, $gapCodes, $sources] = [$gaps, $allStayed, []];
            [$suffix, $suffixFrame] = [self::FAR, -1];
            for ($w = $words; $w >= 0; $w--) {
                $cost = $gaps[$w];
                $code = self::STAYED;
                if ($w > 0) {
                    $end = $starts[$w] - 1;
                    if ($cost > $now[$end] + $gap) {
                        $cost = $now[$end] + $gap;
                        $code = self::ENTERED;
                    }
                    if ($end - 1 >= $starts[$w - 1] && $cost > $now[$end - 1] + $gap + 0.1) {
                        $cost = $now[$end - 1] + $gap + 0.1;
                        $code = self::ENTERED_EARLY;
                    }
                }
                if ($skip !== null && $w < $words) {
                    // A sentence is begun again from anywhere in it after this word.
                    if ($starts[$w + 1] > $low && $starts[$w] <= $high) {
                        for ($j = $starts[$w]; $j < $starts[$w + 1]; $j++) {
                            if ($now[$j] < $suffix) {
                                [$suffix, $suffixFrame] = [$now[$j], $j];
                            }
                        }
                    }
                    if ($suffix < $cost && $suffix + $restarts[$w] < $cost) {
                        $cost = $suffix + $restarts[$w];
                        $code = self::RESTARTED;
                        $sources[$w] = $suffixFrame;
                    }
                }
                if ($begins[$w]) {
                    [$suffix, $suffixFrame] = [self::FAR, -1];
                }
                $newGaps[$w] = $cost < $limit ? $cost + ($begins[$w] ? $costAtSentence : $costWithin) : self::FAR;
                $gapCodes[$w] = $code;
            }
            for ($s = 0; $skip !== null && isset($this->sentences[$s + 1]); $s++) {
                [$first, $after] = [$this->sentences[$s], $this->sentences[$s + 1]];
                if ($newGaps[$after] > $newGaps[$first] + $skip) {
                    $newGaps[$after] = $newGaps[$first] + $skip;
                    $gapCodes[$after] = self::SKIPPED;
                }
            }
            $written = '';
            for ($w = 0; $w <= $words; $w++) {
                $written .= self::CODES[$gapCodes[$w]];
                $gaps[$w] = $newGaps[$w];
                if ($newGaps[$w] < $least) {
                    $least = $newGaps[$w];
                }
            }
            if ($sources !== []) {
                $this->restartedFrom[$t] = $sources;
            }
            [$now, $next] = [$next, $now];
            [$oldLow, $oldHigh, $low, $high] = [$low, $high, $newLow, $newHigh];
            $best = $least;
            $this->frameCodes[] = $codes;
            $this->frameOffsets[] = $from;
            $this->gapCodes[] = $written;
        }

        return [$now[$frames - 1] ?? self::FAR, $gaps[$words]];
    }

    private function back(bool $endsInFrame): SearchPath
    {
        $count = $this->take->count;
        $frames = $gaps = array_fill(0, $count, -1);
        $skips = $restarts = [];
        $isFrame = $endsInFrame;
        $at = $endsInFrame ? $this->reference->count - 1 : $this->words;
        $wordOf = array_flip(array_slice($this->reference->starts, 0, -1));
        $left = 3 * $count + 1000;
        for ($t = $count - 1; $t >= 0 && $left > 0; $left--) {
            if ($isFrame) {
                $frames[$t] = $at;
                $code = ord($this->frameCodes[$t][$at - $this->frameOffsets[$t]]);
                if ($code === self::LEFT_GAP) {
                    $isFrame = false;
                    $at = $wordOf[$at];
                } else {
                    $at -= [self::STAYED => 0, self::STEPPED => 1, self::JUMPED => 2][$code] ?? 0;
                }
                $t--;

                continue;
            }
            $gaps[$t] = $at;
            $code = ord($this->gapCodes[$t][$at]);
            if ($code === self::SKIPPED) {
                $sentence = (int) array_search($at, $this->sentences, true) - 1;
                $skips[] = [$t, $sentence];
                $at = $this->sentences[$sentence];

                continue;
            }
            if ($code === self::RESTARTED) {
                $restarts[] = [$t, $at];
                $isFrame = true;
                $at = $this->restartedFrom[$t][$at];
            } elseif ($code === self::ENTERED || $code === self::ENTERED_EARLY) {
                $isFrame = true;
                $at = $this->reference->starts[$at] - ($code === self::ENTERED ? 1 : 2);
            }
            $t--;
        }

        return new SearchPath(array_values($frames), array_values($gaps), array_reverse($skips), array_reverse($restarts));
    }
}
