<?php

declare(strict_types=1);

namespace Daybright\Figure\Solid;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A box unfolded into a cross: four faces in a row, the base and the lid above and below the second. */
final readonly class NetDrawing
{
    private const LABEL = 34.0;

    public function __construct(private Solid $solid, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        [$l, $w, $h] = [
            $this->solid->length->value->toFloat(),
            $this->solid->width->value->toFloat(),
            $this->solid->height->value->toFloat(),
        ];
        $style = new TextStyle(self::LABEL, bold: true);
        $side = $this->context->type->width($this->solid->height->written(), $style) + 16;
        $room = new Box($this->box->x + $side, $this->box->y + 8, $this->box->width - $side - 8, $this->box->height - self::LABEL * 3.2);
        $net = $room->fitted(2 * $l + 2 * $w, $h + 2 * $w);
        $scale = $net->width / (2 * $l + 2 * $w);
        $row = $net->y + $w * $scale;
        $faces = [];
        $x = $net->x;
        foreach ([$w, $l, $w, $l] as $index => $across) {
            $faces[] = Shape::rectangle(
                new Box($x, $row, $across * $scale, $h * $scale),
                Paint::outlined(Paint::INK, 3, $index % 2 === 0 ? '#E4DFD0' : '#FFFFFF'),
            );
            $x += $across * $scale;
        }
        $second = $net->x + $w * $scale;
        $faces[] = Shape::rectangle(
            new Box($second, $net->y, $l * $scale, $w * $scale),
            Paint::outlined(Paint::INK, 3, $this->context->tint),
        );
        $faces[] = Shape::rectangle(
            new Box($second, $row + $h * $scale, $l * $scale, $w * $scale),
            Paint::outlined(Paint::INK, 3, $this->context->tint),
        );
        $bottom = $row + ($h + $w) * $scale;
        $middle = new TextStyle(self::LABEL, Paint::INK, true, 0.5);
        $right = new TextStyle(self::LABEL, Paint::INK, true, 1);
        $type = $this->context->type;

        return [
            'solid' => $faces,
            'edges' => [
                $type->label($this->solid->length->written(), $second + $l * $scale / 2, $bottom + self::LABEL, $middle),
                $type->label($this->solid->height->written(), $net->x - 12, $row + $h * $scale / 2 + self::LABEL * 0.35, $right),
                $type->label(
                    $this->solid->width->written(),
                    $second + $l * $scale + 12,
                    $net->y + $w * $scale / 2 + self::LABEL * 0.35,
                    new TextStyle(self::LABEL, Paint::INK, true),
                ),
            ],
            'answers' => [$type->label(
                'Surface '.$this->solid->surface()->written(),
                $this->box->middleX(),
                $this->box->bottom() - 12,
                new TextStyle(self::LABEL + 4, $this->context->strong, true, 0.5),
            )],
        ];
    }
}
