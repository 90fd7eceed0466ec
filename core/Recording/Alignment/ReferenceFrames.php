<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** The reference voice as it is searched through, without its pauses: every word has a frame or more. */
final readonly class ReferenceFrames
{
    /** Decibels below the loud windows that count as a pause. */
    private const PAUSE = 40;

    /**
     * @param  list<float>  $features normalised, MelFeatures::COUNT for every frame
     * @param  list<int>  $starts first frame of every word, and the number of frames in the end
     * @param  list<string>  $phonemes name for every frame; “?” where it is not known
     */
    private function __construct(public array $features, public array $starts, public array $phonemes, public int $count)
    {
    }

    public static function of(ReferenceSpeech $speech, Script $script, MelFeatures $mel): self
    {
        [$coefficients, $decibels] = $mel->of($speech->sound);
        $total = count($decibels);
        $sorted = $decibels;
        sort($sorted);
        $top = $sorted[(int) ($total * 0.95)] ?? 0.0;
        $mask = implode('', array_map(static fn (float $each): string => $each > $top - self::PAUSE ? '1' : '0', $decibels));
        $normalised = Frames::normalised($coefficients, $mask);
        $frame = static fn (float $second): int => max(0, min($total, (int) round(
            ($second * MelFeatures::RATE - MelFeatures::WINDOW / 2) / MelFeatures::HOP,
        )));
        $spoken = self::phonemes($speech, $total, $frame);
        $features = $starts = $phonemes = [];
        foreach ($script->words as $number => $word) {
            [$from, $to] = self::trimmed(
                $frame($speech->starts[$number]),
                isset($speech->starts[$number + 1]) ? $frame($speech->starts[$number + 1]) : $total,
                $mask,
                $number === 0 || $script->words[$number - 1]->pause > 0,
            );
            $starts[] = count($phonemes);
            for ($t = $from; $t < $to; $t++) {
                array_push($features, ...array_slice($normalised, $t * MelFeatures::COUNT, MelFeatures::COUNT));
                $phonemes[] = $spoken[$t];
            }
        }

        return new self($features, [...$starts, count($phonemes)], $phonemes, count($phonemes));
    }

    /** @param  list<float>  $features of another voice, frame by frame */
    public function adapted(array $features): self
    {
        return new self($features, $this->starts, $this->phonemes, $this->count);
    }

    /** @return list<int> number of the word of every frame */
    public function words(): array
    {
        $words = [];
        for ($word = 0; isset($this->starts[$word + 1]); $word++) {
            for ($frame = $this->starts[$word]; $frame < $this->starts[$word + 1]; $frame++) {
                $words[] = $word;
            }
        }

        return $words;
    }

    /**
     * Without the pause after a word, and before it where there may be one; one frame at least is left.
     *
     * @return array{int, int}
     */
    private static function trimmed(int $from, int $to, string $mask, bool $isAfterPause): array
    {
        $last = strlen($mask);
        while ($to - 2 > $from && $mask[$to - 1] === '0' && $mask[$to - 2] === '0') {
            $to--;
        }
        while ($isAfterPause && $from < $to - 1 && $mask[$from] === '0') {
            $from++;
        }
        if ($to <= $from) {
            $to = min($last, $from + 1);
            $from = max(0, $to - 1);
        }

        return [$from, $to];
    }

    /**
     * @param  \Closure(float): int  $frame
     * @return list<string>
     */
    private static function phonemes(ReferenceSpeech $speech, int $total, \Closure $frame): array
    {
        $names = array_fill(0, $total, '?');
        foreach ($speech->phonemes as $number => [$second, $name]) {
            $until = isset($speech->phonemes[$number + 1]) ? $frame($speech->phonemes[$number + 1][0]) : $total;
            for ($t = $frame($second); $t < $until; $t++) {
                $names[$t] = $name;
            }
        }

        return array_values($names);
    }
}
