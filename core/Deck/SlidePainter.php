<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\CannotBeDrawn;
use Daybright\Block\SlideFacts;
use Daybright\Deck\Composition\Composer;
use Daybright\Deck\Composition\Compositions;
use Daybright\Deck\Composition\Item;
use Daybright\Deck\Composition\Measures;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Media\Medium;
use Daybright\Lesson\Media\Picture\PictureMedium;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Group;
use Daybright\Scene\Picture;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;

/** Paints a slide: the ground of its look, its title, and its blocks as the composer places them. */
final readonly class SlidePainter
{
    private const BELOW_TITLE = 30.0;

    /** The title of an opening slide, and less where a picture or figure stands below it. */
    private const GREAT = 100.0;

    private const GREAT_OVER_ROOM = 76.0;

    /** Where the landscape of an opening slide begins, as a share of the page. */
    private const SKY = 0.6;

    /** @param  array<string, Typeface>  $typefaces by name */
    public function __construct(private array $typefaces, private FormulaSetter $formulas)
    {
    }

    public function paint(Lesson $lesson, Slide $slide, Format $format = Format::Wide): Scene
    {
        $look = Looks::called($lesson->look);
        $context = new RenderContext(
            new Typesetter($this->typefaces[$lesson->typeface] ?? $this->typefaces['lexend'], $this->formulas),
            $slide->part->tint(),
            $slide->part->strong(),
            self::pictures($lesson),
            SlideFacts::on($slide),
            $look->cards(),
        );
        $problems = [];
        while (true) {
            $blocks = array_values(array_filter($slide->blocks, static fn (Block $block): bool => ! isset($problems[$block->id])));
            try {
                $scene = $this->painted($slide, $blocks, $look, $context, $format);

                return new Scene($scene->groups, $scene->boxes, $scene->overfull, $problems, $scene->composition, $format->page());
            } catch (CannotBeDrawn $trouble) {
                // What cannot be drawn is left out, and the others are laid out without it.
                $problems[$trouble->block] = $trouble->getMessage();
            }
        }
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
    private function painted(Slide $slide, array $blocks, Look $look, RenderContext $context, Format $format): Scene
    {
        $filled = $format === Format::Wide ? PictureSlide::of($slide, $blocks, $look, $context) : null;
        if ($filled !== null) {
            return $filled->scene();
        }
        $arrangement = Arrangement::tryFrom($slide->arrangement) ?? Arrangement::Whole;
        $items = array_map(
            static fn (int $number): Item => Item::read($number, $blocks[$number], $context),
            array_keys($blocks),
        );
        $isOpening = $arrangement === Arrangement::Opening || $items === [];
        $onlyWords = array_filter($items, static fn (Item $item): bool => ! $item->standsAlone()) === [];
        $hasLandscape = $isOpening && $onlyWords;
        [$title, $room] = $isOpening
            ? self::greatTitle($slide, $hasLandscape, $context, $format)
            : self::title($slide, $look, $context, $format);
        $palette = $look->palette();
        $first = $slide->steps[0]->id;
        $groups = [
            ...$look->ground($format, $slide->part, $first, $hasLandscape),
            new Group(
                '',
                'title',
                $first,
                0,
                array_map(static fn (Shape $shape): Shape => $shape->in($palette), $title),
                words: $context->spoken($slide->title),
            ),
        ];
        if ($items === []) {
            return new Scene($groups, [], [], []);
        }
        $isAlone = count($items) === 1 && $items[0]->standsAlone();
        $measures = new Measures($items, $context, $isOpening || ($isAlone && $slide->title === ''));
        $composed = (new Composer($items, $measures, $room, $format->type()))->best(
            Compositions::of($items, $isOpening ? Arrangement::Opening : $arrangement, $slide->share, $format->hasColumns()),
            $slide->composition,
        );
        $boxes = [];
        foreach ($composed->places as $place) {
            $placed = PlacedBlock::set($items[$place->item], $place->room, $composed->size, $measures);
            $boxes[$items[$place->item]->block->id] = $placed->box;
            array_push($groups, ...$placed->groups($slide, $context, $palette));
        }

        return new Scene(
            $groups,
            $boxes,
            array_map(static fn (int $item): string => $items[$item]->block->id, $composed->overfull),
            [],
            $composed->composition->name(),
        );
    }

    /** @return array{list<Shape>, Box} its shapes, and the room that it leaves */
    private static function title(Slide $slide, Look $look, RenderContext $context, Format $format): array
    {
        if ($slide->title === '') {
            return [[], $format->room($format->top())];
        }
        $style = new TextStyle($look->titleSize() * $format->type(), $context->strong, true, 0, 1.2);
        $title = $context->type->fit($context->filled($slide->title), $format->room(0)->width, 140, $style, 40 * $format->type());

        return [
            $title->shapes($format->margin(), $format->titleTop()),
            $format->room($format->titleTop() + $title->height() + self::BELOW_TITLE),
        ];
    }

    /**
     * In the middle of an opening slide.
     *
     * @return array{list<Shape>, Box}
     */
    private static function greatTitle(Slide $slide, bool $overLandscape, RenderContext $context, Format $format): array
    {
        $size = ($overLandscape ? self::GREAT : self::GREAT_OVER_ROOM) * $format->type();
        $style = new TextStyle($size, $context->strong, true, 0.5, 1.16);
        $title = $context->type->fit($context->filled($slide->title), $format->room(0)->width, 250, $style, 44 * $format->type());
        $top = $overLandscape ? 2 * $format->titleTop() : $format->titleTop();
        $room = $format->room($top + ($slide->title === '' ? 0.0 : $title->height() + self::BELOW_TITLE));
        $sky = max(100.0, $format->page()->height * self::SKY - $room->y);

        return [
            $slide->title === '' ? [] : $title->shapes($format->margin(), $top),
            $overLandscape ? new Box($room->x, $room->y, $room->width, $sky) : $room,
        ];
    }
}
