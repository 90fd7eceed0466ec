<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Figure\Form\Field;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/**
 * A diagram computed from quantities, which knows its answers.
 *
 * What it can do besides is said by Varies, HasTask and UsesPicture.
 */
interface Figure
{
    public static function entry(): Entry;

    /** @return array<string, mixed> quantities to begin with */
    public static function blank(): array;

    /** @return non-empty-list<Field> what the teacher types, from which the form is made */
    public static function fields(): array;

    /** @throws InvalidQuantities */
    public static function from(Fields $quantities): self;

    /** @return list<Fact> */
    public function facts(): array;

    /** @return non-empty-list<FigureStep> */
    public function steps(): array;

    /** The smallest box in which it can be read, at zero. */
    public function smallest(): Box;

    /**
     * To scale, inside the box.
     *
     * @param  Box  $box no smaller than the smallest
     * @return array<string, list<Shape>> step name => what appears with it
     */
    public function scene(Box $box, RenderContext $context): array;

    /** For a student who cannot see it. */
    public function words(): string;
}
