<?php

declare(strict_types=1);

namespace Daybright\Block\Figure;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Figure\Figure;
use Daybright\Figure\Figures;
use Daybright\Figure\FigureStep;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Layout;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;

/** A diagram computed from quantities. Its first stage is the block itself; each further stage may have a step of its own. */
final readonly class FigureBlock implements BlockKind
{
    public function name(): string
    {
        return 'figure';
    }

    public function label(): string
    {
        return 'Figure';
    }

    public function blank(): array
    {
        $first = Figures::all()[0];

        return ['figure' => $first::name(), 'quantities' => $first::blank()];
    }

    public function pieces(Fields $content): array
    {
        try {
            $steps = $this->figure($content)->steps();
        } catch (InvalidQuantities) {
            return [];
        }

        return array_map(static fn (FigureStep $step): Piece => new Piece($step->name, $step->label, $step->script), array_slice($steps, 1));
    }

    public function leastHeight(): float
    {
        return 300.0;
    }

    /** @throws InvalidQuantities */
    public function layout(Fields $content, Room $room): Layout
    {
        $height = $room->height ?? 300.0;
        $figure = $this->figure($content);
        $pieces = $figure->scene(new Box(0, 0, $room->width, $height), $room->setting);
        $first = $figure->steps()[0]->name;
        $named = [];
        foreach ($pieces as $name => $shapes) {
            $named[$name === $first ? Piece::MAIN : $name] = $shapes;
        }

        return new Layout($height, $named);
    }

    public function words(Fields $content, Setting $setting): array
    {
        return [Piece::MAIN => $this->figure($content)->words()];
    }

    public function statements(Fields $content): array
    {
        return [];
    }

    /** @throws InvalidQuantities */
    public function figure(Fields $content): Figure
    {
        return Figures::draw($content->text('figure'), $content->fields('quantities'));
    }
}
