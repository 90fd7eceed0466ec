<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Closure;
use Daybright\Block\CannotBeDrawn;
use Daybright\Block\SlideFacts;
use Daybright\Deck\Composition\ComposedSlide;
use Daybright\Deck\Composition\CompositionMemory;
use Daybright\Deck\Composition\Compositions;
use Daybright\Deck\Composition\Item;
use Daybright\Deck\Composition\Measures;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Media\Medium;
use Daybright\Lesson\Media\Picture\PictureMedium;
use Daybright\Lesson\Slide;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Group;
use Daybright\Scene\Picture;
use Daybright\Scene\RenderContext;
use Daybright\Scene\ScanCodes;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;

/** Paints a slide: the ground of its look, its title, and its blocks as the composer places them. */
final readonly class SlidePainter
{
    /**
     * @param  array<string, Typeface>  $typefaces by name
     * @param  CompositionMemory|null  $memory none where every slide is to be composed anew
     */
    public function __construct(
        private array $typefaces,
        private FormulaSetter $formulas,
        private ?ScanCodes $codes = null,
        private ?CompositionMemory $memory = null,
    ) {
    }

    public function paint(Lesson $lesson, Slide $slide, Format $format = Format::Wide): Scene
    {
        $look = Looks::called($lesson->look);
        $context = $this->context($lesson, $slide, $look);
        $problems = [];
        while (true) {
            $blocks = array_values(array_filter($slide->blocks, static fn (Block $block): bool => ! isset($problems[$block->id])));
            try {
                $scene = $this->painted($lesson, $slide, $blocks, $look, $context, $format);

                return $scene->on($format->page(), $problems);
            } catch (CannotBeDrawn $trouble) {
                // What cannot be drawn is left out, and the others are laid out without it.
                $problems[$trouble->block] = $trouble->getMessage();
            }
        }
    }

    /** The slide with its blocks where they stand, to be shown in other states there; none where one of them cannot be drawn. */
    public function live(Lesson $lesson, Slide $slide, Format $format = Format::Wide): LiveSlide
    {
        $look = Looks::called($lesson->look);
        $context = $this->context($lesson, $slide, $look);
        try {
            $filled = $format === Format::Wide ? PictureSlide::of($slide, $slide->blocks, $look, $context) : null;
            $placed = $filled?->standing() ?? $this->laidOut($lesson, $slide, $slide->blocks, $look, $context, $format)->placed;
        } catch (CannotBeDrawn) {
            $placed = [];
        }

        return new LiveSlide($slide, $placed, $context, $look->palette(), $format->page());
    }

    private function context(Lesson $lesson, Slide $slide, Look $look): RenderContext
    {
        return new RenderContext(
            new Typesetter($this->typefaces[$lesson->typeface] ?? $this->typefaces['lexend'], $this->formulas),
            $slide->part->tint(),
            $slide->part->strong(),
            self::pictures($lesson),
            SlideFacts::on($slide),
            $look->cards(),
            $this->codes,
        );
    }

    /** @return array<string, Picture> */
    private static function pictures(Lesson $lesson): array
    {
        return array_map(
            static fn (PictureMedium $medium): Picture => new Picture(
                $medium->id,
                $medium->width,
                $medium->height,
                $medium->description,
                $medium->credit,
                $medium->licence,
            ),
            array_filter($lesson->media, static fn (Medium $medium): bool => $medium instanceof PictureMedium),
        );
    }

    /**
     * @param  list<Block>  $blocks
     *
     * @throws CannotBeDrawn
     */
    private function painted(Lesson $lesson, Slide $slide, array $blocks, Look $look, RenderContext $context, Format $format): Scene
    {
        $filled = $format === Format::Wide ? PictureSlide::of($slide, $blocks, $look, $context) : null;
        if ($filled !== null) {
            return $filled->scene();
        }
        $palette = $look->palette();
        $first = $slide->steps[0]->id;
        $laid = $this->laidOut($lesson, $slide, $blocks, $look, $context, $format);
        $title = $laid->title;
        $groups = [
            ...$look->ground($format, $slide->part, $first, $laid->hasLandscape),
            new Group(
                '',
                SlideTitle::PIECE,
                $first,
                0,
                array_map(static fn (Shape $shape): Shape => $shape->in($palette), $title->shapes),
                words: $context->spoken($slide->title),
            ),
        ];
        $boxes = $handles = [];
        $fields = ['' => [$title->field->placed(0, 0, 1, $palette)]];
        foreach ($laid->placed as $id => $placed) {
            $boxes[$id] = $placed->box;
            $fields[$id] = $placed->fields($palette);
            $handles[$id] = $placed->handles();
            array_push($groups, ...$placed->groups($slide, $context, $palette));
        }

        return new Scene($groups, $boxes, $laid->overfull, [], $laid->composition, fields: $fields, handles: $handles);
    }

    /**
     * @param  list<Block>  $blocks
     *
     * @throws CannotBeDrawn
     */
    private function laidOut(Lesson $lesson, Slide $slide, array $blocks, Look $look, RenderContext $context, Format $format): LaidOutSlide
    {
        $arrangement = Arrangement::tryFrom($slide->arrangement) ?? Arrangement::Whole;
        $items = array_map(
            static fn (int $number): Item => Item::read($number, $blocks[$number], $context),
            array_keys($blocks),
        );
        $isOpening = $arrangement === Arrangement::Opening || $items === [];
        $onlyWords = array_filter($items, static fn (Item $item): bool => ! $item->standsAlone()) === [];
        $hasLandscape = $isOpening && $onlyWords;
        $title = $isOpening
            ? SlideTitle::great($slide, $hasLandscape, $context, $format)
            : SlideTitle::of($slide, $look, $context, $format);
        if ($items === []) {
            return new LaidOutSlide($title, $hasLandscape);
        }
        $isAlone = count($items) === 1 && $items[0]->standsAlone();
        $measures = new Measures($items, $context, $isOpening || ($isAlone && $slide->title === ''));
        $room = $title->room;
        $arrangement = $isOpening ? Arrangement::Opening : $arrangement;
        $compose = static fn (): ComposedSlide => ComposedSlide::compose(
            $items,
            $measures,
            Compositions::of($items, $arrangement, $slide->share, $format->hasColumns()),
            $room,
            $slide->composition,
            $format,
        );
        $composed = $this->remembered(
            [$lesson->typeface, $lesson->look, $context->pictures, $context->facts, $slide->title === ''],
            [$arrangement, $slide->share, $slide->composition, $format, $room],
            $blocks,
            $compose,
        );
        $placed = [];
        foreach ($composed->rooms as [$item, $place]) {
            $placed[$items[$item]->block->id] = PlacedBlock::set($items[$item], $place, $composed->size, $measures)
                ->shrunk($composed->zoom, $room->x, $room->y);
        }

        return new LaidOutSlide(
            $title,
            $hasLandscape,
            $placed,
            array_map(static fn (int $item): string => $items[$item]->block->id, $composed->overfull),
            $composed->name,
        );
    }

    /**
     * The composition of the same blocks in the same room, if it is known.
     *
     * @param  list<mixed>  $around what else it depends on
     * @param  list<mixed>  $wishes
     * @param  list<Block>  $blocks
     * @param  Closure(): ComposedSlide  $compose
     */
    private function remembered(array $around, array $wishes, array $blocks, Closure $compose): ComposedSlide
    {
        if ($this->memory === null) {
            return $compose();
        }
        $shown = array_map(static fn (Block $block): array => [
            $block->kind,
            $block->content,
            $block->region,
            $block->placing,
            $block->source?->content,
        ], $blocks);
        $key = hash('sha256', serialize([$around, $wishes, $shown]));
        $known = $this->memory->recall($key);
        if ($known === null) {
            $known = $compose();
            $this->memory->remember($key, $known);
        }

        return $known;
    }
}
