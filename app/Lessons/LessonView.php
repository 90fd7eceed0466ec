<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Lesson;
use Daybright\Block\BlockPiece;
use Daybright\Block\Blocks;
use Daybright\Block\SlideFacts;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Block;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Lesson as Document;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\FormulasAway;
use Daybright\Scene\Scene;
use Daybright\Scene\SvgWriter;
use Daybright\Timing\LessonTiming;
use stdClass;
use Throwable;

/** What the rooms show of a lesson: its pictures, its times, and what can be done with its blocks. */
final class LessonView
{
    public function __construct(private readonly SlidePainter $painter)
    {
    }

    /**
     * @return array{Scene, array<string, mixed>} the picture, and what the rooms show of it
     *
     * @throws InvalidLesson when the slide cannot be drawn
     */
    public function painted(Document $document, Slide $slide): array
    {
        try {
            $scene = $this->painter->paint($document, $slide);
            $svg = self::svg($document, $scene, static fn (string $sha256): string => '/api/media/'.$sha256);
        } catch (FormulasAway $away) {
            throw $away;
        } catch (Throwable $error) {
            throw $this->undrawable($document, $slide, $error);
        }

        return [$scene, [
            'svg' => $svg,
            'boxes' => array_map(static fn (Box $box): array => BoxView::of($box, 0), $scene->boxes) ?: new \stdClass,
            'composition' => $scene->composition,
            'fields' => TextFieldView::all($scene),
            'handles' => PointHandleView::all($scene),
            'overfull' => $scene->overfull,
            'problems' => $scene->problems ?: new \stdClass,
            'description' => $scene->description(),
            'facts' => SlideFacts::on($slide) ?: new \stdClass,
            'pieces' => $this->pieces($slide) ?: new \stdClass,
            'answers' => $this->answers($slide) ?: new \stdClass,
        ]];
    }

    /** @return array<string, mixed> in the place of a slide that cannot be drawn, so that the lesson can be opened and mended */
    public function trouble(Slide $slide, string $sentence): array
    {
        $empty = new stdClass;

        return [
            'svg' => (new SvgWriter(static fn (): string => ''))->write(new Scene([], [], [], [])),
            'boxes' => $empty,
            'composition' => '',
            'fields' => [],
            'handles' => [],
            'overfull' => [],
            'problems' => array_fill_keys(array_map(static fn (Block $block): string => $block->id, $slide->blocks), $sentence) ?: $empty,
            'description' => '',
            'facts' => $empty,
            'pieces' => $empty,
            'answers' => $empty,
        ];
    }

    /** @param  callable(string): string  $address of a picture, by the sha256 of its bytes */
    public static function svg(Document $document, Scene $scene, callable $address): string
    {
        return (new SvgWriter(static fn (string $medium): string => $address($document->media[$medium]->sha256)))->write($scene);
    }

    /** @return array<string, mixed> */
    public function timing(Document $document): array
    {
        $timing = new LessonTiming($document);
        $slides = [];
        foreach ($document->slides() as $slide) {
            $slides[$slide->id] = [
                'spoken' => round($timing->spoken($slide), 1),
                'work' => $timing->work($slide),
                'steps' => array_map(static fn ($step): float => round($timing->step($step), 1), $slide->steps),
            ];
        }

        return ['slides' => $slides ?: new \stdClass, 'total' => round($timing->total(), 1)];
    }

    /** @return array<string, mixed> just after a save: what was there before is one undo away, and nothing can be redone */
    public function historyOfSaved(Lesson $lesson): array
    {
        return ['version' => $lesson->version, 'canUndo' => true, 'canRedo' => false];
    }

    /** @return array<string, mixed> */
    public function history(Lesson $lesson): array
    {
        $numbers = $lesson->revisions()->where('set_aside', false);

        return [
            'version' => $lesson->version,
            'canUndo' => (clone $numbers)->where('number', $lesson->revision - 1)->exists(),
            'canRedo' => (clone $numbers)->where('number', $lesson->revision + 1)->exists(),
        ];
    }

    /** The block that stands in the way is named where it can be found out. */
    private function undrawable(Document $document, Slide $slide, Throwable $error): InvalidLesson
    {
        report($error);
        $name = $slide->title !== '' ? "“{$slide->title}”" : 'without a title';
        foreach ($slide->blocks as $block) {
            try {
                self::svg(
                    $document,
                    $this->painter->paint($document, $slide->with([$block])),
                    static fn (string $sha256): string => $sha256,
                );
            } catch (Throwable) {
                return InvalidLesson::because(
                    "The slide {$name} cannot be drawn because of its block “{$block->kind}”. Change it or take it away.",
                    "/slides/{$slide->id}/blocks/{$block->id}",
                );
            }
        }

        return InvalidLesson::because("The slide {$name} cannot be drawn. Take back the last change.", "/slides/{$slide->id}");
    }

    /** @return array<string, list<array<string, string>>> */
    private function pieces(Slide $slide): array
    {
        $pieces = [];
        foreach ($slide->blocks as $block) {
            $pieces[$block->id] = array_map(
                static fn (BlockPiece $piece): array => ['name' => $piece->name, 'label' => $piece->label, 'script' => $piece->script],
                Blocks::read($block)->pieces(),
            );
        }

        return $pieces;
    }

    /** @return array<string, array<string, mixed>> */
    private function answers(Slide $slide): array
    {
        $answers = [];
        foreach ($slide->blocks as $block) {
            $question = Blocks::questionOf($block);
            if ($question !== null) {
                $answers[$block->id] = ['answer' => $question->answer(), 'seconds' => $question->seconds()];
            }
        }

        return $answers;
    }
}
