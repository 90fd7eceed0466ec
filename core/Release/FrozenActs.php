<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Block\Blocks;
use Daybright\Block\CannotBeDrawn;
use Daybright\Deck\Format;
use Daybright\Deck\LiveSlide;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Block;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\MergePatch;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Acts\Act;
use Daybright\Recording\Tracks\Interval;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;

/** Draws every state that acts brought live blocks to, each once. Acts that make no sense any more are left out. */
final class FrozenActs
{
    /** @var array<string, LiveSlide> by slide and page */
    private array $slides = [];

    /** @var array<string, array<string, FrozenState>> by slide and name */
    private array $states = [];

    /** @var array<string, array<mixed>> what has been done so far as one merge patch (RFC 7396), by slide and block */
    private array $changes = [];

    /** @param  \Closure(Scene): FrozenPicture  $picture */
    public function __construct(
        private readonly Lesson $lesson,
        private readonly SlidePainter $painter,
        private readonly \Closure $picture,
    ) {
    }

    /** With each act's state by name, and without acts that make no sense any more. */
    public function freeze(TimelineTracks $tracks): TimelineTracks
    {
        return $tracks->changed(fn (Interval $interval): ?Interval => $interval instanceof Act ? $this->frozen($interval) : $interval);
    }

    /** @return array<string, FrozenState> by name */
    public function of(string $slide): array
    {
        return $this->states[$slide] ?? [];
    }

    /** What makes no sense leaves the block as the act before it did. */
    private function frozen(Act $act): ?Act
    {
        $key = "{$act->slide} {$act->block}";
        $before = $act->isFirst ? [] : $this->changes[$key] ?? [];
        $after = MergePatch::joined($before, $act->change);
        $name = $this->keep($act->slide, $act->block, $after);
        $words = $name === null ? '' : $this->done($act, $before, $after);
        $this->changes[$key] = $name === null ? $before : $after;
        $name ??= $before === [] ? null : $this->keep($act->slide, $act->block, $before);

        return $name === null || $act->to <= $act->from ? null : $act->frozen($name, $words);
    }

    /**
     * Draws a state once.
     *
     * @param  array<mixed>  $change
     * @return string|null its name; null where the block cannot be in it
     */
    private function keep(string $slide, string $block, array $change): ?string
    {
        $live = $this->live($slide, Format::Wide);
        $name = substr(hash('sha256', (string) json_encode([$block, $change])), 0, 12);
        try {
            $state = $live?->changed($block, $change);
            if ($live === null || $state === null) {
                return null;
            }
            $this->states[$slide][$name] ??= $this->state($slide, $state, $live->groups($state));
        } catch (CannotBeDrawn|InvalidLesson) {
            return null;
        }

        return $name;
    }

    /**
     * @param  array<mixed>  $before
     * @param  array<mixed>  $after
     */
    private function done(Act $act, array $before, array $after): string
    {
        $live = $this->live($act->slide, Format::Wide);
        [$was, $is] = [$live?->changed($act->block, $before), $live?->changed($act->block, $after)];

        return $was === null || $is === null ? '' : Blocks::done($was, $is);
    }

    /** @param  list<Group>  $groups */
    private function state(string $slide, Block $after, array $groups): FrozenState
    {
        $words = implode(' ', array_filter(array_map(static fn (Group $group): string => $group->words, $groups)));

        return new FrozenState($after->id, ($this->picture)(self::scene($groups)), $this->tall($slide, $after), $words);
    }

    private function tall(string $slide, Block $after): ?FrozenPicture
    {
        try {
            $groups = $this->live($slide, Format::Tall)?->groups($after) ?? [];
        } catch (CannotBeDrawn) {
            return null;
        }

        return $groups === [] ? null : ($this->picture)(self::scene($groups));
    }

    /** @param  list<Group>  $groups */
    private static function scene(array $groups): Scene
    {
        return new Scene($groups, [], [], []);
    }

    private function live(string $id, Format $format): ?LiveSlide
    {
        $slide = $this->lesson->slide($id);

        return $slide === null ? null : $this->slides["{$id} {$format->value}"] ??= $this->painter->live($this->lesson, $slide, $format);
    }
}
