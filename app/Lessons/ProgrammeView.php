<?php

namespace App\Lessons;

use Daybright\Block\Blocks;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Question\Question;
use Daybright\Recording\Captions;
use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\PausePoint;
use Daybright\Recording\Playbook;
use Daybright\Recording\Programme;
use Daybright\Recording\Segment;
use Daybright\Scene\SlidePainter;

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
        $shown = array_unique(array_column($playbook->pictures, 'slide'));
        $slides = [];
        foreach ($shown as $id) {
            $slide = $lesson->slide($id);
            if ($slide !== null) {
                $slides[$id] = $this->slide($lesson, $slide, $picture);
            }
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

    /**
     * @param  callable(string): string  $picture
     * @return array<string, mixed>
     */
    private function slide(Lesson $lesson, Slide $slide, callable $picture): array
    {
        $scene = $this->painter->paint($lesson, $slide);

        return [
            'title' => $slide->title,
            'part' => $slide->part->value,
            'svg' => LessonView::svg($lesson, $scene, $picture),
            'steps' => array_map(static fn ($step): string => $step->id, $slide->steps),
            'descriptions' => array_map(static fn (int $number): string => $scene->at($number)->description(), array_keys($slide->steps)),
        ];
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
            'prompt' => $pause->prompt,
            'exitCheck' => $slide?->part->value === 'exit-check',
            'question' => $block === null ? null : self::question($lesson, $block, $picture),
        ];
    }

    /**
     * What may be known before answering; pictures by their address.
     *
     * @param  callable(string): string  $picture
     * @return array<string, mixed>|null
     */
    private static function question(Lesson $lesson, Block $block, callable $picture): ?array
    {
        $question = Blocks::questionOf($block);
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

        return ['type' => $question->type(), 'marks' => $question->marks(), 'hint' => $block->content->text('hint', '')] + $asked;
    }

    /** @return array<string, Question> by block id, of the whole lesson */
    public static function questions(Lesson $lesson): array
    {
        $questions = [];
        foreach ($lesson->slides() as $slide) {
            foreach ($slide->blocks as $block) {
                $question = Blocks::questionOf($block);
                if ($question !== null) {
                    $questions[$block->id] = $question;
                }
            }
        }

        return $questions;
    }
}
