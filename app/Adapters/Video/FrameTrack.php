<?php

namespace App\Adapters\Video;

use Daybright\Recording\Clock;
use Daybright\Recording\Playbook;
use Daybright\Recording\Programme;
use Generator;

/** The pictures of a video in order, each with its time: one for every change, and one every two seconds so that seeking is quick. */
final class FrameTrack
{
    /** Milliseconds between pictures while something moves. */
    private const MOTION = 40;

    private const HEARTBEAT = 2000;

    /** @var array<string, InkStroke> */
    private array $inks = [];

    /** @var array<int, int> how many points of each stroke are drawn */
    private array $drawn = [];

    private string $frame = '';

    private string $shown = '';

    /** @var list<int> strokes on the picture now */
    private array $onPicture = [];

    /** @var list<int> strokes that have begun and are not wiped yet, on any slide */
    private array $begun = [];

    // Time only goes on: where each list was left is where it is gone on with.
    private int $nextStroke = 0;

    private int $atPicture = 0;

    private int $atPoint = -1;

    private float $lastNarration = 0.0;

    /** @param  array<string, int>  $numbers “slide step” => number of the rasterised picture */
    public function __construct(
        private readonly Programme $programme,
        private readonly Playbook $playbook,
        private readonly array $numbers,
        private readonly Rasteriser $pictures,
        private readonly Countdown $countdown,
    ) {
    }

    /** @return list<float> milliseconds on the full clock at which a new picture begins */
    public function keyTimes(): array
    {
        return array_map(fn (array $picture): float => $this->full($picture['at']), $this->playbook->pictures);
    }

    /** @return Generator<int, string> milliseconds on the full clock => raw picture */
    public function frames(): Generator
    {
        $last = -1;
        $end = (int) round(Clock::milliseconds($this->programme->length()));
        foreach ($this->moments() as [$at, $narration, $pause, $left]) {
            if ($at <= $last || $at >= $end) {
                continue;
            }
            while ($last >= 0 && $at - $last > self::HEARTBEAT) {
                $last += self::HEARTBEAT;
                yield $last => $this->pointed($this->lastNarration);
            }
            $this->bring($narration);
            $this->lastNarration = $narration;
            yield $at => $pause === null ? $this->pointed($narration) : $this->countdown->over($this->frame, $left, $pause);
            $last = $at;
        }
        while ($end - self::MOTION - $last > self::HEARTBEAT) {
            $last += self::HEARTBEAT;
            yield $last => $this->pointed($this->lastNarration);
        }
        if ($end - self::MOTION > $last) {
            yield $end - self::MOTION => $this->pointed($this->lastNarration);
        }
    }

    /**
     * Every moment at which the picture changes.
     *
     * @return list<array{int, float, int|null, int}> full clock, narration, seconds of the pause or null, seconds left
     */
    private function moments(): array
    {
        $times = [];
        foreach ($this->playbook->pictures as $picture) {
            $times[] = $picture['at'];
        }
        foreach ($this->playbook->strokes as $stroke) {
            $next = -INF;
            foreach ($stroke['points'] as $index => $point) {
                if ($point[0] >= $next || $index === count($stroke['points']) - 1) {
                    $times[] = $stroke['at'] + $point[0];
                    $next = $point[0] + self::MOTION;
                }
            }
            $times[] = $stroke['until'] ?? $stroke['at'];
        }
        $next = -INF;
        foreach ($this->playbook->pointer as $point) {
            if ($point['at'] >= $next || $point['x'] === null) {
                $times[] = $point['at'];
                $next = $point['at'] + self::MOTION;
            }
        }
        $moments = array_map(fn (float $at): array => [(int) round($this->full($at)), $at, null, 0], $times);
        foreach ($this->programme->pauses() as $pause) {
            $narration = Clock::milliseconds($pause->at);
            $starts = Clock::milliseconds($this->startOf($pause->block, $pause->at));
            for ($second = 0; $second < $pause->seconds; $second++) {
                // Just before the pause's own moment: what is revealed after it must not show yet.
                $moments[] = [(int) round($starts + $second * 1000), $narration - 0.01, $pause->seconds, $pause->seconds - $second];
            }
        }
        usort($moments, static fn (array $one, array $other): int => $one[0] <=> $other[0] ?: ($other[2] === null ? 0 : 1) <=> ($one[2] === null ? 0 : 1));

        return $moments;
    }

    /** Where a pause begins on the full clock; several may stand at one moment. */
    private function startOf(string $block, int $at): int
    {
        $full = $at;
        foreach ($this->programme->pauses() as $pause) {
            if ($pause->block === $block) {
                break;
            }
            $full += $pause->seconds * Clock::RATE;
        }

        return $full;
    }

    private function full(float $narration): float
    {
        return Clock::milliseconds($this->programme->full(Clock::samples($narration)));
    }

    /** Brings the picture to a moment of narration. */
    private function bring(float $at): void
    {
        $key = $this->keyAt($at);
        $strokes = $this->strokesAt($at, explode(' ', $key)[0]);
        if ($key !== $this->shown || array_diff($this->onPicture, $strokes) !== []) {
            $this->frame = $this->pictures->picture($this->numbers[$key]);
            $this->shown = $key;
            $this->inks = $this->drawn = [];
        }
        $this->onPicture = $strokes;
        foreach ($strokes as $index) {
            $this->draw($index, $at);
        }
    }

    private function draw(int $index, float $at): void
    {
        $stroke = $this->playbook->strokes[$index];
        $points = $stroke['points'];
        if (($this->drawn[$index] ?? 0) === count($points)) {
            return;
        }
        $ink = $this->inks[$index] ??= new InkStroke($stroke['colour'], $stroke['width'], $stroke['tool']);
        for ($next = $this->drawn[$index] ?? 0; isset($points[$next]) && $at + 0.5 >= $stroke['at'] + $points[$next][0]; $next++) {
            $from = $points[max(0, $next - 1)];
            $ink->segment($this->frame, $from[1], $from[2], $points[$next][1], $points[$next][2]);
        }
        $this->drawn[$index] = $next;
        // A whole stroke no longer needs to know what it covers, which is much.
        if ($next === count($points)) {
            unset($this->inks[$index]);
        }
    }

    /** @return list<int> */
    private function strokesAt(float $at, string $slide): array
    {
        $strokes = $this->playbook->strokes;
        while (isset($strokes[$this->nextStroke]) && $strokes[$this->nextStroke]['at'] <= $at) {
            $this->begun[] = $this->nextStroke++;
        }
        $this->begun = array_values(array_filter($this->begun, static fn (int $index): bool => $strokes[$index]['until'] === null || $at < $strokes[$index]['until']));

        return array_values(array_filter($this->begun, static fn (int $index): bool => $strokes[$index]['slide'] === $slide));
    }

    private function keyAt(float $at): string
    {
        $this->atPicture = self::reached($this->playbook->pictures, $this->atPicture, $at);
        $picture = $this->playbook->pictures[$this->atPicture];

        return $picture['slide'].' '.$picture['step'];
    }

    /** The picture with the pointer on it, where there is one. */
    private function pointed(float $at): string
    {
        $this->atPoint = self::reached($this->playbook->pointer, $this->atPoint, $at);
        $spot = $this->playbook->pointer[$this->atPoint] ?? null;
        if ($spot === null || $spot['x'] === null || $spot['y'] === null) {
            return $this->frame;
        }
        $frame = $this->frame;
        (new InkStroke('#B3261E', 26, 'pen'))->segment($frame, $spot['x'], $spot['y'], $spot['x'], $spot['y']);

        return $frame;
    }

    /**
     * The last entry that has come by a moment, searched on from where the search was left.
     *
     * @param  list<array{at: float}>  $entries in the order of time
     */
    private static function reached(array $entries, int $from, float $at): int
    {
        while (isset($entries[$from + 1]) && $entries[$from + 1]['at'] <= $at) {
            $from++;
        }

        return $from;
    }
}
