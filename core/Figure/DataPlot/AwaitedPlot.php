<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Daybright\Figure\FigureStep;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Two axes that wait for numbers, which somebody has yet to measure. */
final readonly class AwaitedPlot implements Plot
{
    private const SENTENCE = 'Drawn from the table, once it is filled';

    public function facts(): array
    {
        return [];
    }

    public function steps(): array
    {
        return [new FigureStep('axes', 'the axes', 'What you measure is drawn here.')];
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 560, 360);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $style = new TextStyle(30, Paint::QUIET, align: 0.5);
        $sentence = $context->type->fit(self::SENTENCE, $box->width - 120, 120, $style);

        return ['axes' => [
            Shape::polyline([[$box->x + 40, $box->y], [$box->x + 40, $box->bottom() - 40]], Paint::outlined(Paint::INK, 4)),
            Shape::polyline([[$box->x + 40, $box->bottom() - 40], [$box->right(), $box->bottom() - 40]], Paint::outlined(Paint::INK, 4)),
            ...$sentence->shapes($box->x + 60, $box->middleY() - $sentence->height() / 2 - 20),
        ]];
    }

    public function words(): string
    {
        return 'A plot that waits for the numbers of the table.';
    }

    public function practice(DataPractice $practice): Variation
    {
        throw InvalidQuantities::because('There are no numbers yet that a question could ask about.', 'table');
    }
}
