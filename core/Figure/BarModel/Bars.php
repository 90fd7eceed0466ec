<?php

declare(strict_types=1);

namespace Daybright\Figure\BarModel;

use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Variation;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** One of the two ways of using bars: equal parts of a whole, or two bars compared. */
interface Bars
{
    /** @return list<Fact> */
    public function facts(): array;

    /** @return non-empty-list<FigureStep> */
    public function steps(): array;

    /** @return array<string, list<Shape>> */
    public function scene(Box $box, RenderContext $context): array;

    public function words(): string;

    public function vary(int $seed, int $level): Variation;
}
