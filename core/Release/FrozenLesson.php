<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;
use Daybright\Recording\Cue;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Acts\Act;
use Daybright\Recording\Tracks\Acts\Acts;
use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Footage\Footage;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Views\View;
use Daybright\Recording\Tracks\Views\Views;

/** All that a player or an exporter needs of a lesson, as it was when it was shared. Times are milliseconds of narration. */
final readonly class FrozenLesson
{
    /**
     * @param  float  $length of the narration
     * @param  float  $full of the video, in which every pause takes its time
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

    /** @return list<SeenPicture> what is seen when, without gaps: another one where a slide, a step or the state of a block changes */
    public function seen(): array
    {
        $seen = [];
        foreach ($this->tracks->shown() as $shown) {
            $acts = $this->onSlide(Acts::name(), Act::class, $shown->slide);
            $views = $this->onSlide(Views::name(), View::class, $shown->slide);
            $films = $this->onSlide(Footage::name(), Filmed::class, $shown->slide);
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
    private function onSlide(string $track, string $kind, string $slide): array
    {
        $found = [];
        foreach ($this->tracks->intervals[$track] ?? [] as $interval) {
            if ($interval instanceof $kind && $interval->slide === $slide) {
                $found[] = $interval;
            }
        }

        return $found;
    }

    /**
     * A moment of narration on the clock of the video. The moment of a pause itself falls after its wait, unless the moment before is
     * asked for.
     *
     * @param  bool  $before whether a pause at this very moment is still to come
     */
    public function full(float $narration, bool $before = false): float
    {
        $waited = 0;
        foreach ($this->pauses as $pause) {
            if ($pause->at < $narration || ($pause->at === $narration && ! $before)) {
                $waited += $pause->seconds;
            }
        }

        return $narration + $waited * 1000;
    }

    /** @return list<Cue> captions on the clock of the video, those of clips among them */
    public function fullCaptions(): array
    {
        $cues = array_map(fn (Cue $cue): Cue => new Cue($this->full($cue->from), $this->full($cue->to, true), $cue->text), $this->captions);
        foreach ($this->pauses as $pause) {
            array_push($cues, ...$pause->clip?->captionsFrom($this->startOf($pause)) ?? []);
        }
        usort($cues, static fn (Cue $one, Cue $other): int => $one->from <=> $other->from);

        return $cues;
    }

    /** Where a pause begins on the clock of the video; several may stand at one moment. */
    public function startOf(FrozenPause $asked): float
    {
        $full = $asked->at;
        foreach ($this->pauses as $pause) {
            if ($pause === $asked) {
                break;
            }
            $full += $pause->seconds * 1000;
        }

        return $full;
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
