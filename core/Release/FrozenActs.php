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

    private function frozen(Act $act): ?Act
    {
        $live = $this->live($act->slide, Format::Wide);
        try {
            $before = $live?->changed($act->block, $act->before);
            $after = $live?->changed($act->block, $act->after);
            if ($live === null || $after === null) {
                return null;
            }
            $name = substr(hash('sha256', (string) json_encode([$act->block, $act->after])), 0, 12);
            $this->states[$act->slide][$name] ??= $this->state($act->slide, $after, $live->groups($after));

            return $act->frozen($name, $before === null ? '' : Blocks::done($before, $after));
        } catch (CannotBeDrawn|InvalidLesson) {
            return null;
        }
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
