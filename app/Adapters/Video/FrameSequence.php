<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Closure;
use Daybright\Recording\Clock;
use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Playhead;
use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Footage\Place;
use Daybright\Recording\Tracks\PaintsFrames;
use Daybright\Recording\Tracks\Tracks;
use Daybright\Recording\VideoClock;
use Daybright\Release\FrozenClip;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPause;
use Daybright\Release\SeenPicture;
use Generator;

/**
 * The pictures of a video in order, each with its time: one for every change, and one every five seconds, so that a player that looks for
 * a place finds one near.
 */
final class FrameSequence
{
    private const HEARTBEAT = 5000;

    /** Milliseconds for which the last picture is seen. */
    private const LAST = 40;

    /** @var Playhead<SeenPicture> */
    private readonly Playhead $playhead;

    /** @var list<FramePainter> */
    private readonly array $painters;

    private readonly FrameSize $size;

    private readonly VideoClock $clock;

    /** The picture that is gone on with. */
    private string $frame = '';

    private ?SeenPicture $seen = null;

    private float $lastNarration = 0.0;

    /** @var array<string, FilmFrames> by place, of what is filmed and seen now */
    private array $films = [];

    /**
     * @param  Closure(int): string  $picture raw picture of one of the drawings
     * @param  Closure(Filmed): string  $film path of a film
     */
    public function __construct(
        private readonly FrozenLesson $lesson,
        private readonly SeenDrawings $drawings,
        private readonly VideoShape $shape,
        private readonly Closure $picture,
        private readonly Countdown $countdown,
        private readonly Closure $film,
    ) {
        $this->playhead = new Playhead($drawings->shown);
        $this->size = $shape->frameSize();
        $this->clock = $lesson->video();
        $drawn = $lesson->drawnOver($shape->format());
        $this->painters = array_map(
            fn (string $track): FramePainter => $track::painter($drawn->intervals[$track::name()] ?? [], $this->size),
            Tracks::that(PaintsFrames::class),
        );
    }

    /** @return list<float> milliseconds at which a new picture begins */
    public function keyTimes(): array
    {
        return array_map(fn (SeenPicture $each): float => $this->placed($each->from), $this->drawings->shown);
    }

    /**
     * @param  list<float>  $more milliseconds at which there is a picture whether something changes or not
     * @return Generator<int, string> milliseconds on the clock of the video => raw picture
     */
    public function frames(array $more = []): Generator
    {
        $last = -1;
        $end = (int) round(Clock::milliseconds($this->clock->length()));
        foreach ($this->moments($more) as [$at, $narration, $pause, $left]) {
            $film = $pause?->clip?->isFilm() === true ? $pause->clip : null;
            if ($at >= $end || ($at <= $last && $film === null)) {
                continue;
            }
            while ($last >= 0 && $at - $last > self::HEARTBEAT) {
                $last += self::HEARTBEAT;
                yield $last => $this->withPassing($this->lastNarration);
            }
            if ($film !== null) {
                yield from $this->played($film, max($at, $last + 1), $last);

                continue;
            }
            $this->bring($narration);
            $this->lastNarration = $narration;
            if ($at > $end - self::LAST && $last >= 0) {
                // The last picture lasts as long as any: what changes later is in it.
                continue;
            }
            yield $at => $pause === null || $pause->clip !== null
                ? $this->withPassing($narration)
                : $this->countdown->over($this->withFilm($narration), $left, $pause->seconds);
            $last = $at;
        }
        while ($end - self::LAST - $last > self::HEARTBEAT) {
            $last += self::HEARTBEAT;
            yield $last => $this->withPassing($this->lastNarration);
        }
        if ($end - self::LAST > $last) {
            yield $end - self::LAST => $this->withPassing($this->lastNarration);
        }
    }

    /**
     * Every moment at which the picture changes.
     *
     * @param  list<float>  $more milliseconds
     * @return list<array{int, float, FrozenPause|null, int}> milliseconds, narration, the pause if it is one, seconds left
     */
    private function moments(array $more): array
    {
        $shown = $this->drawings->shown;
        $times = array_map(static fn (SeenPicture $each): float => $each->from, $shown);
        foreach ($this->painters as $painter) {
            array_push($times, ...$painter->moments());
        }
        foreach ($shown as $seen) {
            array_push($times, ...$seen->films === [] ? [] : range($seen->from, max($seen->from, $seen->to - 1), RawFrames::EVERY));
        }
        $moments = array_map(fn (float $at): array => [(int) round($this->placed($at)), $at, null, 0], $times);
        foreach ($this->clock->waits() as $number => $begins) {
            $pause = $this->lesson->pauses[$number];
            $starts = Clock::milliseconds($begins);
            // A clip is brought in once, and gone from when it is over.
            $seconds = $pause->clip === null ? $pause->seconds : 1;
            for ($second = 0; $second < $seconds; $second++) {
                // Just before the pause's own moment: what is revealed after it must not show yet.
                $moments[] = [(int) round($starts + $second * 1000), $pause->at - 0.01, $pause, $pause->seconds - $second];
            }
            if ($pause->clip !== null) {
                $moments[] = [(int) round($starts + $pause->seconds * 1000), $pause->at, null, 0];
            }
        }
        foreach ($more as $at) {
            $narration = $this->clock->narrationAt(Clock::samples($at));
            if ($narration !== null) {
                $moments[] = [(int) round($at), Clock::milliseconds($narration), null, 0];
            }
        }
        usort(
            $moments,
            static fn (array $one, array $other): int => $one[0] <=> $other[0]
                ?: ($other[2] === null ? 0 : 1) <=> ($one[2] === null ? 0 : 1),
        );

        return $moments;
    }

    /**
     * A film over the whole picture; its last picture stays until the narration goes on.
     *
     * @param  int  $last milliseconds of the last picture before it, and of the last of it afterwards
     * @return Generator<int, string>
     */
    private function played(FrozenClip $clip, int $at, int &$last): Generator
    {
        foreach (ClipFrames::of($clip, $this->shape) as $number => $picture) {
            $last = $at + $number * RawFrames::EVERY;
            yield $last => $picture;
        }
    }

    /** Brings the picture to a moment of narration. */
    private function bring(float $at): void
    {
        $seen = array_values($this->playhead->at($at))[0] ?? $this->seen ?? $this->drawings->shown[0];
        $lasting = array_filter($this->painters, static fn (FramePainter $painter): bool => ! $painter->isPassing());
        $hasToGo = array_filter($lasting, static fn (FramePainter $painter): bool => $painter->hasToGo($at, $seen->slide)) !== [];
        if ($seen !== $this->seen) {
            $this->films = $this->filmsOf($seen);
        }
        // What is filmed in the slide's place lies under everything that is drawn, and is another picture every time.
        $under = $this->films[Place::Whole->value] ?? null;
        if ($this->seen === null || $seen->key() !== $this->seen->key() || $hasToGo || $under !== null) {
            $this->size->show($seen->view ?? $this->drawings->page($seen), $this->drawings->room($seen));
            $picture = ($this->picture)($this->drawings->numbers[$seen->key()]);
            $this->frame = $under?->over($picture, $at) ?? $picture;
            array_map(static fn (FramePainter $painter) => $painter->begin(), $lasting);
        }
        $this->seen = $seen;
        foreach ($lasting as $painter) {
            $painter->paint($this->frame, $at, $seen->slide);
        }
    }

    /** @return array<string, FilmFrames> by place */
    private function filmsOf(SeenPicture $seen): array
    {
        $films = [];
        foreach ([Place::Beside, Place::Whole] as $place) {
            $film = $seen->film($place);
            if ($film !== null) {
                $known = $this->films[$place->value] ?? null;
                $films[$place->value] = $known !== null && $known->goesOn($seen, $film)
                    ? $known
                    : new FilmFrames($seen, $film, ($this->film)($film), $this->drawings, $this->shape);
            }
        }

        return $films;
    }

    private function withFilm(float $at): string
    {
        $beside = $this->films[Place::Beside->value] ?? null;

        return $beside?->over($this->frame, $at) ?? $this->frame;
    }

    /** The picture with what is gone in the next one. */
    private function withPassing(float $at): string
    {
        $frame = $this->withFilm($at);
        foreach ($this->painters as $painter) {
            if ($painter->isPassing()) {
                $painter->paint($frame, $at, (string) $this->seen?->slide);
            }
        }

        return $frame;
    }

    /** Milliseconds of the video at a moment of narration; the first picture is there before anything is said. */
    private function placed(float $narration): float
    {
        return $narration > 0 ? Clock::milliseconds($this->clock->at(Clock::samples($narration))) : 0.0;
    }
}
