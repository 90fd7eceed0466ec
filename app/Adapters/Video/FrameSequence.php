<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Closure;
use Daybright\Deck\Beside;
use Daybright\Deck\Format;
use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Playhead;
use Daybright\Recording\Tracks\Footage\Place;
use Daybright\Recording\Tracks\PaintsFrames;
use Daybright\Recording\Tracks\Tracks;
use Daybright\Release\FrozenClip;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPause;
use Daybright\Release\SeenPicture;
use Daybright\Release\SoftViews;
use Daybright\Scene\Box;
use Daybright\Scene\Scene;
use Generator;

/** The pictures of a video in order, each with its time: one for every change, and one every two seconds so that seeking is quick. */
final class FrameSequence
{
    private const HEARTBEAT = 2000;

    /** @var list<SeenPicture> */
    private readonly array $shown;

    /** @var Playhead<SeenPicture> */
    private readonly Playhead $playhead;

    /** @var list<FramePainter> */
    private readonly array $painters;

    private readonly FrameSize $size;

    /** The picture that is gone on with. */
    private string $frame = '';

    private ?SeenPicture $seen = null;

    private float $lastNarration = 0.0;

    /** @var array<string, FilmFrames> by place, of what is filmed and seen now */
    private array $films = [];

    /**
     * @param  array<string, int>  $numbers what is seen => number of the rasterised picture
     * @param  Closure(string): string  $film path of a film by the id of its footage
     */
    public function __construct(
        private readonly FrozenLesson $lesson,
        private readonly array $numbers,
        private readonly Rasteriser $pictures,
        private readonly Countdown $countdown,
        private readonly Closure $film,
    ) {
        $this->shown = SoftViews::between($lesson->seen());
        $this->playhead = new Playhead($this->shown);
        $this->size = new FrameSize(Rasteriser::WIDTH, Rasteriser::HEIGHT);
        $this->painters = array_map(
            fn (string $track): FramePainter => $track::painter($lesson->tracks->intervals[$track::name()] ?? [], $this->size),
            Tracks::that(PaintsFrames::class),
        );
    }

    /** @return list<string> keys of all that is seen, as SeenPicture has them */
    public static function pictures(FrozenLesson $lesson): array
    {
        return array_values(array_unique(array_map(
            static fn (SeenPicture $each): string => $each->key(),
            SoftViews::between($lesson->seen()),
        )));
    }

    /** @return list<float> milliseconds on the full clock at which a new picture begins */
    public function keyTimes(): array
    {
        return array_map(fn (SeenPicture $each): float => $this->lesson->full($each->from), $this->shown);
    }

    /** @return Generator<int, string> milliseconds on the full clock => raw picture */
    public function frames(): Generator
    {
        $last = -1;
        $end = (int) round($this->lesson->full);
        foreach ($this->moments() as [$at, $narration, $pause, $left]) {
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
            yield $at => $pause === null || $pause->clip !== null
                ? $this->withPassing($narration)
                : $this->countdown->over($this->withFilm($narration), $left, $pause->seconds);
            $last = $at;
        }
        while ($end - FramePainter::MOTION - $last > self::HEARTBEAT) {
            $last += self::HEARTBEAT;
            yield $last => $this->withPassing($this->lastNarration);
        }
        if ($end - FramePainter::MOTION > $last) {
            yield $end - FramePainter::MOTION => $this->withPassing($this->lastNarration);
        }
    }

    /**
     * Every moment at which the picture changes.
     *
     * @return list<array{int, float, FrozenPause|null, int}> full clock, narration, the pause if it is one, seconds left
     */
    private function moments(): array
    {
        $times = array_map(static fn (SeenPicture $each): float => $each->from, $this->shown);
        foreach ($this->painters as $painter) {
            array_push($times, ...$painter->moments());
        }
        foreach ($this->shown as $seen) {
            array_push($times, ...$seen->films === [] ? [] : range($seen->from, max($seen->from, $seen->to - 1), FramePainter::MOTION));
        }
        $moments = array_map(fn (float $at): array => [(int) round($this->lesson->full($at)), $at, null, 0], $times);
        foreach ($this->lesson->pauses as $pause) {
            $starts = $this->lesson->startOf($pause);
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
        foreach (ClipFrames::of($clip) as $number => $picture) {
            $last = $at + $number * RawFrames::EVERY;
            yield $last => $picture;
        }
    }

    /** Brings the picture to a moment of narration. */
    private function bring(float $at): void
    {
        $seen = array_values($this->playhead->at($at))[0] ?? $this->seen ?? $this->shown[0];
        $lasting = array_filter($this->painters, static fn (FramePainter $painter): bool => ! $painter->isPassing());
        $hasToGo = array_filter($lasting, static fn (FramePainter $painter): bool => $painter->hasToGo($at, $seen->slide)) !== [];
        if ($seen !== $this->seen) {
            $this->films = $this->filmsOf($seen);
        }
        // What is filmed in the slide's place lies under everything that is drawn, and is another picture every time.
        $under = $this->films[Place::Whole->value] ?? null;
        if ($this->seen === null || $seen->key() !== $this->seen->key() || $hasToGo || $under !== null) {
            $room = isset($this->films[Place::Beside->value]) ? Beside::slide(Format::Wide) : null;
            $this->size->show($seen->view ?? new Box(0, 0, Scene::WIDTH, Scene::HEIGHT), $room);
            $picture = $this->pictures->picture($this->numbers[$seen->key()]);
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
            $films += $film === null ? [] : [$place->value => new FilmFrames($seen, $film, ($this->film)($film->footage))];
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
}
