<?php

declare(strict_types=1);

namespace Daybright\Block\Figure;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\ShowsPictures;
use Daybright\Block\Unfinished;
use Daybright\Figure\Figure;
use Daybright\Figure\Figures;
use Daybright\Figure\FigureStep;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\LeadsOn;
use Daybright\Figure\UsesPicture;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Layout;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;

/** A diagram computed from quantities. Its first stage is the block itself; each further stage may have a step of its own. */
final readonly class FigureBlock implements BlockKind, ShowsPictures, Unfinished
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

        return ['figure' => $first::entry()->name, 'quantities' => $first::blank()];
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

    public function leastHeight(Fields $content): float
    {
        try {
            return $this->figure($content)->smallest()->height;
        } catch (InvalidQuantities) {
            return 0.0;
        }
    }

    /** @throws InvalidQuantities */
    public function layout(Fields $content, Room $room): Layout
    {
        $figure = $this->figure($content);
        $smallest = $figure->smallest();
        if ($room->width < $smallest->width) {
            throw InvalidQuantities::because('This figure needs a wider area to be read. Give it the whole slide, or a wider side of it.', 'figure');
        }
        $height = $room->height ?? $smallest->height;
        $box = new Box(0, 0, $room->width, $height);
        $first = $figure->steps()[0]->name;
        $links = $figure instanceof LeadsOn ? $figure->links($box, $room->setting) : [];

        return new Layout($height, self::named($figure->scene($box, $room->setting), $first), self::named($links, $first));
    }

    public function words(Fields $content, Setting $setting): array
    {
        return [Piece::MAIN => $this->figure($content)->words()];
    }

    public function statements(Fields $content): array
    {
        return [];
    }

    public function media(Fields $content): array
    {
        try {
            $figure = $this->figure($content);
        } catch (InvalidQuantities) {
            return [];
        }

        return $figure instanceof UsesPicture ? $figure->pictures() : [];
    }

    public function missing(Fields $content): ?string
    {
        try {
            $figure = $this->figure($content);
        } catch (InvalidQuantities $error) {
            return $error->getMessage();
        }

        return $figure instanceof UsesPicture ? $figure->missingPicture() : null;
    }

    /**
     * By piece of the block: what the figure shows first belongs to the block itself.
     *
     * @template Thing
     *
     * @param  array<string, Thing>  $byStep
     * @return array<string, Thing>
     */
    private static function named(array $byStep, string $first): array
    {
        $named = [];
        foreach ($byStep as $name => $thing) {
            $named[$name === $first ? Piece::MAIN : $name] = $thing;
        }

        return $named;
    }

    /** @throws InvalidQuantities */
    public function figure(Fields $content): Figure
    {
        return Figures::draw($content->text('figure'), $content->fields('quantities'));
    }
}
