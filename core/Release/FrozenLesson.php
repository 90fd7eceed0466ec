<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Deck\Format;
use Daybright\Lesson\Fields;
use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Acts\Act;
use Daybright\Recording\Tracks\Acts\Acts;
use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Footage\Footage;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Views\View;
use Daybright\Recording\Tracks\Views\Views;
use Daybright\Recording\VideoClock;

/** All that a player or an exporter needs of a lesson, as it was when it was shared. Times are milliseconds of narration. */
final readonly class FrozenLesson
{
    /**
     * @param  float  $length of the narration
     * @param  float  $full with every pause taking its time
     * @param  array<string, FrozenSlide>  $slides by id: those that are shown, and the side slides that they lead to
     * @param  TimelineTracks  $drawnTall what is drawn over slides, where a phone held upright shows it
     * @param  list<Cue>  $captions
     * @param  list<FrozenChapter>  $chapters
     * @param  list<FrozenPause>  $pauses in order
     */
    public function __construct(
        public string $title,
        public float $length,
        public float $full,
        public array $slides,
        public TimelineTracks $tracks,
        public TimelineTracks $drawnTall,
        public array $captions,
        public array $chapters,
        public array $pauses,
    ) {
    }

    public function outline(): LessonOutline
    {
        return new LessonOutline($this->title, $this->length, $this->chapters, $this->pauses);
    }

    public static function read(Fields $lesson): self
    {
        $slides = $lesson->fields('slides');
        $names = $slides->names();

        return new self(
            $lesson->text('title'),
            $lesson->number('length'),
            $lesson->number('full'),
            array_combine($names, array_map(static fn (string $id): FrozenSlide => FrozenSlide::read($slides->fields($id)), $names)),
            TimelineTracks::read($lesson->fields('tracks')),
            TimelineTracks::read($lesson->fields('drawnTall')),
            array_map(Cue::read(...), $lesson->list('captions')),
            array_map(FrozenChapter::read(...), $lesson->list('chapters')),
            array_map(FrozenPause::read(...), $lesson->list('pauses')),
        );
    }

    /** What is drawn over slides on a page: slides without a tall one keep what is drawn over their wide one. */
    public function drawnOver(Format $page): TimelineTracks
    {
        return $page === Format::Tall ? $this->drawnTall : $this->tracks;
    }

    /** The page on which a slide is shown where a page is asked for. */
    public function pageOf(string $slide, Format $wanted): Format
    {
        return $wanted === Format::Tall && ($this->slides[$slide] ?? null)?->tall !== null ? Format::Tall : Format::Wide;
    }

    /**
     * @param  Format  $page that is asked for
     * @return list<SeenPicture> what is seen when, without gaps: another one where a slide, a step or the state of a block changes
     */
    public function seen(Format $page = Format::Wide): array
    {
        $seen = [];
        foreach ($this->tracks->shown() as $shown) {
            $acts = self::onSlide($this->tracks, Acts::name(), Act::class, $shown->slide);
            $views = self::onSlide($this->drawnOver($page), Views::name(), View::class, $shown->slide);
            $films = self::onSlide($this->tracks, Footage::name(), Filmed::class, $shown->slide);
            $changes = [$shown->from];
            foreach ([...$acts, ...$views, ...$films] as $each) {
                array_push($changes, ...array_filter(
                    [$each->from, $each->to],
                    static fn (float $at): bool => $at > $shown->from && $at < $shown->to,
                ));
            }
            $changes = array_values(array_unique($changes));
            sort($changes);
            foreach ($changes as $number => $from) {
                $isNow = static fn (Interval $each): bool => $each->from <= $from && $from < $each->to;
                $states = array_map(static fn (Act $act): string => $act->state, array_values(array_filter($acts, $isNow)));
                $view = array_values(array_filter($views, $isNow))[0] ?? null;
                $until = $changes[$number + 1] ?? $shown->to;
                $filmed = array_values(array_filter($films, $isNow));
                $seen[] = new SeenPicture($from, $until, $shown->slide, $shown->step, $states, $view?->box, $filmed);
            }
        }

        return $seen;
    }

    /**
     * @template Wanted of Act|View|Filmed
     *
     * @param  class-string<Wanted>  $kind
     * @return list<Wanted>
     */
    private static function onSlide(TimelineTracks $tracks, string $track, string $kind, string $slide): array
    {
        $found = [];
        foreach ($tracks->intervals[$track] ?? [] as $interval) {
            if ($interval instanceof $kind && $interval->slide === $slide) {
                $found[] = $interval;
            }
        }

        return $found;
    }

    public function video(): VideoClock
    {
        return VideoClock::of(array_map(fn (FrozenChapter $chapter): array => [
            'from' => Clock::samples($chapter->at),
            'to' => Clock::samples($chapter->until),
            'waits' => array_map(
                static fn (FrozenPause $pause): array => ['at' => Clock::samples($pause->at), 'length' => $pause->seconds * Clock::RATE],
                $this->pausesOn($chapter->slide),
            ),
        ], $this->chapters));
    }

    /** @return list<FrozenPause> in order */
    public function pausesOn(string $slide): array
    {
        return array_values(array_filter($this->pauses, static fn (FrozenPause $pause): bool => $pause->slide === $slide));
    }

    /** The same for those who watch without stopping: clips play, and nothing else is waited for. */
    public function withoutWaiting(): self
    {
        $clips = array_filter($this->pauses, static fn (FrozenPause $pause): bool => $pause->clip !== null);

        return new self(
            $this->title,
            $this->length,
            $this->full,
            $this->slides,
            $this->tracks,
            $this->drawnTall,
            $this->captions,
            $this->chapters,
            array_values($clips),
        );
    }

    /** @return list<Cue> captions on the clock of the video, those of clips among them */
    public function videoCaptions(): array
    {
        $video = $this->video();
        $placed = static fn (float $at, bool $before): float => Clock::milliseconds($video->at(Clock::samples($at), $before));
        $cues = array_map(
            static fn (Cue $cue): Cue => new Cue($placed($cue->from, false), $placed($cue->to, true), $cue->text),
            $this->captions,
        );
        foreach ($video->waits() as $number => $begins) {
            array_push($cues, ...$this->pauses[$number]->clip?->captionsFrom(Clock::milliseconds($begins)) ?? []);
        }
        usort($cues, static fn (Cue $one, Cue $other): int => $one->from <=> $other->from);

        return $cues;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'title' => $this->title,
            'length' => $this->length,
            'full' => $this->full,
            'slides' => array_map(static fn (FrozenSlide $slide): array => $slide->toArray(), $this->slides),
            'tracks' => $this->tracks->toArray(),
            'drawnTall' => $this->drawnTall->toArray(),
            'captions' => array_map(static fn (Cue $cue): array => $cue->toArray(), $this->captions),
            'chapters' => array_map(static fn (FrozenChapter $chapter): array => $chapter->toArray(), $this->chapters),
            'pauses' => array_map(static fn (FrozenPause $pause): array => $pause->toArray(), $this->pauses),
        ];
    }
}
