<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Variation;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A way of drawing data. */
interface Plot
{
    /** @return list<Fact> */
    public function facts(): array;

    /** @return non-empty-list<FigureStep> */
    public function steps(): array;

    public function smallest(): Box;

    /** @return array<string, list<Shape>> */
    public function scene(Box $box, RenderContext $context): array;

    public function words(): string;

    public function practice(DataPractice $practice): Variation;
}
