<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;

/** A diagram computed from quantities, which knows its answers. */
interface Figure
{
    public static function name(): string;

    public static function label(): string;

    /** What a teacher wants to show with it. */
    public static function purpose(): string;

    /** @return array<string, mixed> quantities to begin with */
    public static function blank(): array;

    /** @throws InvalidQuantities */
    public static function from(Fields $quantities): self;

    /** @return list<Fact> */
    public function facts(): array;

    /** @return non-empty-list<FigureStep> */
    public function steps(): array;

    /**
     * To scale, inside the box.
     *
     * @return array<string, list<Shape>> step name => what appears with it
     */
    public function scene(Box $box, Setting $setting): array;

    /** For a student who cannot see it. */
    public function words(): string;

    /**
     * @param  int  $level 1 to 3
     *
     * @throws InvalidQuantities when the level does not exist
     */
    public function vary(int $seed, int $level): Variation;
}
