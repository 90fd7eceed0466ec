<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Figure\BarModel\BarModel;
use Daybright\Figure\Calculator\Calculator;
use Daybright\Figure\DataPlot\DataPlot;
use Daybright\Figure\Equivalence\Equivalence;
use Daybright\Figure\Flow\Flow;
use Daybright\Figure\FunctionGraph\FunctionGraph;
use Daybright\Figure\LabelledPicture\LabelledPicture;
use Daybright\Figure\MarkedPassage\MarkedPassage;
use Daybright\Figure\MotionGraph\MotionGraph;
use Daybright\Figure\NumberLine\NumberLine;
use Daybright\Figure\PictureMap\PictureMap;
use Daybright\Figure\PlaceValue\PlaceValue;
use Daybright\Figure\PlaneShape\PlaneShape;
use Daybright\Figure\PlanningFrame\PlanningFrame;
use Daybright\Figure\PolarGraph\PolarGraph;
use Daybright\Figure\RhymeLines\RhymeLines;
use Daybright\Figure\ScaleReading\ScaleReading;
use Daybright\Figure\Solid\Solid;
use Daybright\Figure\SortingBoard\SortingBoard;
use Daybright\Figure\SoundBoxes\SoundBoxes;
use Daybright\Figure\Timeline\Timeline;
use Daybright\Figure\TwoUnknowns\TwoUnknowns;
use Daybright\Figure\Venn\Venn;
use Daybright\Figure\WordBuilder\WordBuilder;
use Daybright\Lesson\Fields;

/** The catalogue: one line a figure. */
final class Figures
{
    /** @var list<class-string<Figure>> */
    private const CATALOGUE = [
        BarModel::class,
        Solid::class,
        Equivalence::class,
        NumberLine::class,
        Calculator::class,
        PlaceValue::class,
        PlaneShape::class,
        ScaleReading::class,
        TwoUnknowns::class,
        Venn::class,
        DataPlot::class,
        FunctionGraph::class,
        MotionGraph::class,
        PolarGraph::class,
        Timeline::class,
        Flow::class,
        LabelledPicture::class,
        MarkedPassage::class,
        PictureMap::class,
        PlanningFrame::class,
        RhymeLines::class,
        SortingBoard::class,
        SoundBoxes::class,
        WordBuilder::class,
    ];

    /** @return list<class-string<Figure>> */
    public static function all(): array
    {
        return self::CATALOGUE;
    }

    /**
     * @return class-string<Figure>
     *
     * @throws InvalidQuantities
     */
    public static function called(string $name): string
    {
        foreach (self::CATALOGUE as $figure) {
            if ($figure::entry()->name === $name) {
                return $figure;
            }
        }
        throw InvalidQuantities::because(
            "There is no figure called “{$name}”. Choose one of: ".implode(
                ', ',
                array_map(static fn (string $each): string => $each::entry()->name, self::CATALOGUE),
            ).'.',
            'figure',
        );
    }

    /** @throws InvalidQuantities */
    public static function draw(string $name, Fields $quantities): Figure
    {
        return self::called($name)::from($quantities);
    }
}
