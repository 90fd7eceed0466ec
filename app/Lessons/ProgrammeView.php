<?php

namespace App\Lessons;

use Daybright\Block\Blocks;
use Daybright\Block\SlideFacts;
use Daybright\Deck\SideSlides;
use Daybright\Deck\SlidePainter;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Step;
use Daybright\Question\Question;
use Daybright\Recording\Captions;
use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\PausePoint;
use Daybright\Recording\Playbook;
use Daybright\Recording\Programme;
use Daybright\Recording\Segment;
use Daybright\Scene\Box;
use Daybright\Scene\Scene;

/** A programme as a player reads it: pictures, sound, captions, pause points, chapters. Answers are not in it. */
final class ProgrammeView
{
    public function __construct(private readonly SlidePainter $painter)
    {
    }

    /**
     * @param  callable(string): string  $picture address of a picture by the sha256 of its bytes
     * @return array<string, mixed> times in milliseconds of narration
     */
    public function of(Lesson $lesson, Programme $programme, callable $picture): array
    {
        $playbook = Playbook::of($lesson, $programme);
        $scenes = array_map(fn (Slide $slide): Scene => $this->painter->paint($lesson, $slide), self::byId($lesson));
        $shown = array_values(array_unique(array_column($playbook->pictures, 'slide')));
        $slides = [];
        foreach (array_intersect_key($scenes, array_flip([...$shown, ...SideSlides::reached($lesson, $scenes, $shown)])) as $id => $scene) {
            $slides[$id] = self::slide($lesson, $lesson->slide($id), $scene, $picture);
        }

        return [
            'title' => $lesson->title,
            'length' => round(Clock::milliseconds($programme->narration()), 3),
            'full' => round(Clock::milliseconds($programme->length()), 3),
            'slides' => $slides ?: new \stdClass,
            'pictures' => $playbook->pictures,
            'strokes' => $playbook->strokes,
            'pointer' => $playbook->pointer,
            'captions' => array_map(static fn (Cue $cue): array => ['from' => round($cue->from), 'to' => round($cue->to), 'text' => $cue->text], Captions::of($programme)),
            'chapters' => array_map(static fn (Segment $segment): array => [
                'at' => round(Clock::milliseconds($segment->starts)),
                'until' => round(Clock::milliseconds($segment->ends())),
                'slide' => $segment->slide->id,
                'title' => $segment->slide->title,
                'part' => $segment->slide->part->value,
            ], $programme->segments),
            'pauses' => array_map(fn (PausePoint $pause): array => $this->pause($lesson, $pause, $picture), $programme->pauses()),
        ];
    }

    /** @return array<string, Slide> */
    private static function byId(Lesson $lesson): array
    {
        return array_column($lesson->slides(), null, 'id');
    }

    /**
     * The script comes only with a side slide: nobody tells it there.
     *
     * @param  callable(string): string  $picture
     * @return array<string, mixed>
     */
    private static function slide(Lesson $lesson, Slide $slide, Scene $scene, callable $picture): array
    {
        return [
            'title' => $slide->title,
            'part' => $slide->part->value,
            'side' => $slide->side,
            'svg' => LessonView::svg($lesson, $scene, $picture),
            'steps' => array_map(static fn (Step $step): string => $step->id, $slide->steps),
            'descriptions' => array_map(static fn (int $number): string => $scene->at($number)->description(), array_keys($slide->steps)),
            'script' => $slide->side ? array_values(array_filter(array_map(static fn (Step $step): string => trim($step->script), $slide->steps))) : [],
            'links' => self::links($lesson, $scene),
        ];
    }

    /** @return list<array<string, mixed>> areas as [x, y, width, height] in slide units */
    private static function links(Lesson $lesson, Scene $scene): array
    {
        $links = [];
        foreach ($scene->groups as $group) {
            $link = $group->link?->moved($group->x, $group->y);
            if ($link !== null && $lesson->slide($link->slide)?->side === true) {
                $links[] = [
                    'slide' => $link->slide,
                    'label' => $link->label,
                    'step' => $group->stepNumber,
                    'areas' => array_map(static fn (Box $area): array => [round($area->x), round($area->y), round($area->width), round($area->height)], $link->areas),
                ];
            }
        }

        return $links;
    }

    /**
     * @param  callable(string): string  $picture
     * @return array<string, mixed>
     */
    private function pause(Lesson $lesson, PausePoint $pause, callable $picture): array
    {
        $slide = $lesson->slide($pause->slide);
        $block = $slide?->block($pause->block);

        return [
            'at' => round(Clock::milliseconds($pause->at), 3),
            'block' => $pause->block,
            'slide' => $pause->slide,
            'seconds' => $pause->seconds,
            'prompt' => PlainWords::of($pause->prompt, $slide === null ? [] : SlideFacts::of($slide)),
            'exitCheck' => $slide?->part->value === 'exit-check',
            'question' => $block === null ? null : self::question($lesson, $slide, $block, $picture),
        ];
    }

    /**
     * What may be known before answering; pictures by their address.
     *
     * @param  callable(string): string  $picture
     * @return array<string, mixed>|null
     */
    private static function question(Lesson $lesson, Slide $slide, Block $block, callable $picture): ?array
    {
        $question = Blocks::questionInWords($slide, $block);
        if ($question === null) {
            return null;
        }
        $asked = $question->asked();
        $address = static fn (mixed $id): ?string => is_string($id) && isset($lesson->media[$id]) ? $picture($lesson->media[$id]->sha256) : null;
        if (isset($asked['picture'])) {
            $asked['picture'] = $address($asked['picture']);
        }
        if (is_array($asked['items'] ?? null)) {
            $asked['items'] = array_map(static fn (array $item): array => isset($item['picture']) ? ['picture' => $address($item['picture'])] + $item : $item, $asked['items']);
        }

        return ['type' => $question->type(), 'marks' => $question->marks, 'hint' => $question->hint] + $asked;
    }

    /** @return array<string, Question> in plain words, by block id, of the whole lesson */
    public static function questions(Lesson $lesson): array
    {
        $questions = [];
        foreach ($lesson->slides() as $slide) {
            foreach ($slide->blocks as $block) {
                $question = Blocks::questionInWords($slide, $block);
                if ($question !== null) {
                    $questions[$block->id] = $question;
                }
            }
        }

        return $questions;
    }
}
