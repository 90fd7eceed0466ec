<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Block\Blocks;
use Daybright\Block\Clip\ClipCaption;
use Daybright\Block\GetsUp;
use Daybright\Block\LeadsOutside;
use Daybright\Block\Live;
use Daybright\Block\PlaysClip;
use Daybright\Block\SlideFacts;
use Daybright\Deck\Format;
use Daybright\Deck\SideSlides;
use Daybright\Deck\SlidePainter;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\PartKind;
use Daybright\Lesson\Slide;
use Daybright\Lesson\Step;
use Daybright\Recording\Captions;
use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\PausePoint;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineSegment;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\ShownSlide;
use Daybright\Scene\Box;
use Daybright\Scene\Link;
use Daybright\Scene\Scene;
use Daybright\Scene\SvgWriter;

/** Freezes a lesson with its takes: every drawing is written, every question is asked in plain words. */
final readonly class LessonFreezer
{
    /** Units of the tall page, 10.7 pixels on a phone 360 pixels wide: on the wide page the smallest type is 6 pixels high there. */
    private const LEGIBLE = 20.0;

    public function __construct(private SlidePainter $painter)
    {
    }

    public function freeze(Lesson $lesson, Timeline $timeline): FrozenLesson
    {
        $acts = new FrozenActs($lesson, $this->painter, static fn (Scene $scene): FrozenPicture => self::picture($lesson, $scene));
        $tracks = $acts->freeze(TimelineTracks::build($lesson, $timeline));
        $scenes = $this->scenes($lesson, $tracks);
        $tracks = KeptWithBlocks::follow($tracks, $scenes);
        $tall = TallPages::follow($tracks, $scenes, $this->tallScenes($lesson, $scenes));

        return new FrozenLesson(
            $lesson->title,
            self::milliseconds($timeline->narration()),
            self::milliseconds($timeline->length()),
            self::slides($lesson, $scenes, $tall->scenes, $acts),
            $tracks,
            $tall->drawn,
            array_map(
                static fn (Cue $cue): Cue => new Cue(round($cue->from, 3), round($cue->to, 3), $cue->text, $cue->words),
                Captions::write($timeline),
            ),
            array_map(self::chapter(...), $timeline->segments),
            array_map(static fn (PausePoint $pause): FrozenPause => self::pause($lesson, $pause), $timeline->pauses()),
        );
    }

    /**
     * @param  array<string, Scene>  $scenes on the wide page, by slide
     * @param  array<string, Scene>  $tall on the tall one
     * @return array<string, FrozenSlide>
     */
    private static function slides(Lesson $lesson, array $scenes, array $tall, FrozenActs $acts): array
    {
        $slides = [];
        foreach ($scenes as $id => $scene) {
            $slide = $lesson->slide($id);
            if ($slide !== null) {
                $slides[$id] = self::slide($lesson, $slide, $scene, $tall[$id] ?? null, $acts->of($id));
            }
        }

        return $slides;
    }

    /** @return array<string, Scene> by slide: those that are shown, and the side slides that they lead to */
    private function scenes(Lesson $lesson, TimelineTracks $tracks): array
    {
        $scenes = $links = [];
        foreach ($lesson->slides() as $slide) {
            $scenes[$slide->id] = $this->painter->paint($lesson, $slide);
            $links[$slide->id] = array_map(static fn (Link $link): string => $link->slide, $scenes[$slide->id]->links());
        }
        $shown = array_values(array_unique(array_map(static fn (ShownSlide $each): string => $each->slide, $tracks->shown())));
        $reached = [];
        foreach ([...$shown, ...SideSlides::reached($lesson, $links, $shown)] as $id) {
            if (isset($scenes[$id])) {
                $reached[$id] = $scenes[$id];
            }
        }

        return $reached;
    }

    /**
     * @param  array<string, Scene>  $scenes
     * @return array<string, Scene> by slide
     */
    private function tallScenes(Lesson $lesson, array $scenes): array
    {
        $tall = [];
        foreach (array_keys($scenes) as $id) {
            $slide = $lesson->slide($id);
            $tall[$id] = $slide === null ? null : $this->tall($lesson, $slide);
        }

        return array_filter($tall);
    }

    /** The slide for a phone held upright, smaller where it must be; null where not all of it can be read there. */
    private function tall(Lesson $lesson, Slide $slide): ?Scene
    {
        $scene = $this->painter->paint($lesson, $slide, Format::Tall);

        return $scene->problems === [] && $scene->smallestType() >= self::LEGIBLE ? $scene : null;
    }

    /** @param  array<string, FrozenState>  $states */
    private static function slide(Lesson $lesson, Slide $slide, Scene $scene, ?Scene $tall, array $states): FrozenSlide
    {
        $script = $slide->side ? array_map(static fn (Step $step): string => trim($step->script), $slide->steps) : [];

        return new FrozenSlide(
            $slide->title,
            $slide->part->value,
            $slide->side,
            self::picture($lesson, $scene),
            $tall === null ? null : self::picture($lesson, $tall),
            array_map(static fn (Step $step): string => $step->id, $slide->steps),
            array_map(static fn (int $number): string => $scene->at($number)->description(), array_keys($slide->steps)),
            array_values(array_filter($script, static fn (string $line): bool => $line !== '')),
            self::addresses($slide),
            $states,
            self::live($slide),
        );
    }

    /** @return list<string> blocks that a student may take over; none where the slide asks something, which their numbers may answer */
    private static function live(Slide $slide): array
    {
        $asks = array_filter($slide->blocks, static fn (Block $block): bool => Blocks::questionOf($block) !== null) !== [];
        $live = $asks ? [] : array_filter(
            $slide->blocks,
            static fn (Block $block): bool => Blocks::able($block, Live::class)?->isWorked() === true,
        );

        return array_values(array_map(static fn (Block $block): string => $block->id, $live));
    }

    /** @return list<FrozenAddress> those that can be opened */
    private static function addresses(Slide $slide): array
    {
        $addresses = [];
        foreach ($slide->blocks as $block) {
            $link = Blocks::able($block, LeadsOutside::class)?->link();
            if ($link !== null && $link->fault() === null) {
                $plain = static fn (string $text): string => PlainWords::read($text, SlideFacts::on($slide));
                $title = $plain($link->title) === '' ? $link->site() : $plain($link->title);
                $addresses[] = new FrozenAddress(
                    $title,
                    trim($link->address),
                    $plain($link->why),
                    $link->part(),
                    $slide->stepNumber($block->step),
                );
            }
        }

        return $addresses;
    }

    private static function picture(Lesson $lesson, Scene $scene): FrozenPicture
    {
        $writer = new SvgWriter(static fn (string $medium): string => ($lesson->media[$medium] ?? null)?->address() ?? '');

        return new FrozenPicture($writer->write($scene), self::links($lesson, $scene));
    }

    /** @return list<array{slide: string, label: string, step: int, areas: list<list<float>>}> */
    private static function links(Lesson $lesson, Scene $scene): array
    {
        $links = [];
        foreach ($scene->groups as $group) {
            $link = $group->placedLink();
            if ($link !== null && $lesson->slide($link->slide)?->side === true) {
                $areas = array_map(
                    static fn (Box $area): array => [round($area->x), round($area->y), round($area->width), round($area->height)],
                    $link->areas,
                );
                $links[] = ['slide' => $link->slide, 'label' => $link->label, 'step' => $group->stepNumber, 'areas' => $areas];
            }
        }

        return $links;
    }

    private static function chapter(TimelineSegment $segment): FrozenChapter
    {
        $slide = $segment->slide;

        return new FrozenChapter(
            self::milliseconds($segment->starts),
            self::milliseconds($segment->ends()),
            $slide->id,
            $slide->title,
            $slide->part->value,
        );
    }

    private static function pause(Lesson $lesson, PausePoint $pause): FrozenPause
    {
        $slide = $lesson->slide($pause->slide);
        $block = $slide?->block($pause->block);

        return new FrozenPause(
            self::milliseconds($pause->at),
            $pause->block,
            $pause->slide,
            $pause->seconds,
            PlainWords::read($pause->prompt, $slide === null ? [] : SlideFacts::on($slide)),
            $slide?->part === PartKind::ExitCheck,
            $slide === null || $block === null ? null : self::question($lesson, $slide, $block),
            $block === null ? null : self::clip($lesson, $block),
            getsUp: $block !== null && Blocks::able($block, GetsUp::class)?->getsUp() === true,
        );
    }

    private static function clip(Lesson $lesson, Block $block): ?FrozenClip
    {
        $clip = Blocks::able($block, PlaysClip::class)?->clip();
        $medium = $lesson->media[$clip->medium ?? ''] ?? null;

        return $clip === null || $medium === null ? null : new FrozenClip(
            $medium->address(),
            $medium->type,
            $clip->title,
            $medium->description,
            1000 * $clip->from,
            1000 * $clip->to,
            array_map(
                static fn (ClipCaption $caption): Cue => new Cue(1000 * $caption->from, 1000 * $caption->to, $caption->text),
                $clip->captions,
            ),
        );
    }

    /** @return array<string, mixed>|null */
    private static function question(Lesson $lesson, Slide $slide, Block $block): ?array
    {
        $question = Blocks::questionInWords($slide, $block);
        if ($question === null) {
            return null;
        }

        return [
            'type' => $question->type(),
            'marks' => $question->marks,
            'hint' => $question->hint,
            'showAfter' => $question->showAfter,
        ] + self::withPictures($lesson, $question->asked());
    }

    /**
     * Each picture by its address, with what it shows in words beside it.
     *
     * @template Name of string|int
     *
     * @param  array<Name, mixed>  $asked
     * @return array<Name|string, mixed>
     */
    private static function withPictures(Lesson $lesson, array $asked): array
    {
        foreach ($asked as $name => $value) {
            if (is_array($value)) {
                $asked[$name] = self::withPictures($lesson, $value);
            } elseif ($name === 'picture' && is_string($value)) {
                $asked['picture'] = ($lesson->media[$value] ?? null)?->address();
                $asked['shows'] = ($lesson->media[$value] ?? null)->description ?? '';
            }
        }

        return $asked;
    }

    private static function milliseconds(int $samples): float
    {
        return round(Clock::milliseconds($samples), 3);
    }
}
