<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;
use Daybright\Scene\TextStyle;

/** The title of a slide as it is set, and the room that it leaves. */
final readonly class SlideTitle
{
    public const PATH = 'title';

    /** Of the group that it is drawn in, which belongs to no block. */
    public const PIECE = 'title';

    private const BELOW = 30.0;

    /** The title of an opening slide, and less where a picture or figure stands below it. */
    private const GREAT = 100.0;

    private const GREAT_OVER_ROOM = 76.0;

    /** How much higher a drawing beside a title is than a line of it, and how far it stands off. */
    private const DRAWING = 1.5;

    private const OFF = 0.35;

    /** Where the landscape of an opening slide begins, as a share of the page. */
    private const SKY = 0.6;

    /** @param  list<Shape>  $shapes */
    private function __construct(public array $shapes, public Box $room, public TextField $field)
    {
    }

    public static function of(Slide $slide, Look $look, RenderContext $context, Format $format): self
    {
        $style = new TextStyle($look->titleSize() * $format->type(), $context->strong, true, 0, 1.2);
        $drawing = $context->pictures[$slide->drawing] ?? null;
        $high = self::DRAWING * $style->size;
        $wide = $drawing === null ? 0.0 : min($high * $drawing->width / max(1, $drawing->height), 3 * $high);
        $indent = $drawing === null ? 0.0 : $wide + self::OFF * $high;
        $room = $format->room(0)->width - $indent;
        $title = $context->type->fit($context->filled($slide->title), $room, 140, $style, 40 * $format->type());
        $height = max($title->height(), $drawing === null ? 0.0 : $high);
        $below = $slide->title === '' && $drawing === null ? $format->top() : $format->titleTop() + $height + self::BELOW;
        $shapes = $drawing === null ? [] : [
            Shape::image((new Box($format->margin(), $format->titleTop(), $wide, $height)), $drawing->id),
        ];
        $top = $format->titleTop() + ($height - $title->height()) / 2;

        return self::set($title, $slide, $format->margin() + $indent, $top, $format->room($below), $shapes);
    }

    /** In the middle of an opening slide. */
    public static function great(Slide $slide, bool $overLandscape, RenderContext $context, Format $format): self
    {
        $size = ($overLandscape ? self::GREAT : self::GREAT_OVER_ROOM) * $format->type();
        $style = new TextStyle($size, $context->strong, true, 0.5, 1.16);
        $title = $context->type->fit($context->filled($slide->title), $format->room(0)->width, 250, $style, 44 * $format->type());
        $top = $overLandscape ? 2 * $format->titleTop() : $format->titleTop();
        $drawing = $context->pictures[$slide->drawing] ?? null;
        $high = $drawing === null ? 0.0 : self::DRAWING * $size;
        $shapes = $drawing === null ? [] : [
            Shape::image(new Box($format->margin(), $top, $format->room(0)->width, $high), $drawing->id),
        ];
        $top += $high;
        $room = $format->room($top + ($slide->title === '' ? 0.0 : $title->height() + self::BELOW));
        $sky = max(100.0, $format->page()->height * self::SKY - $room->y);
        $left = $overLandscape ? new Box($room->x, $room->y, $room->width, $sky) : $room;

        return self::set($title, $slide, $format->margin(), $top, $left, $shapes);
    }

    /** Where the title of a slide is typed that is set elsewhere. */
    public static function field(SetText $title, float $x, float $y): TextField
    {
        return $title->field(self::PATH, 'Title of the slide', $x, $y);
    }

    /** @param  list<Shape>  $drawing */
    private static function set(SetText $title, Slide $slide, float $left, float $top, Box $room, array $drawing): self
    {
        return new self(
            [...$drawing, ...$slide->title === '' ? [] : $title->shapes($left, $top)],
            $room,
            self::field($title, $left, $top),
        );
    }
}
