<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** Something that points out a part of a picture, or hides it until a step. */
interface Mark
{
    /** In documents, such as “arrow”. */
    public static function name(): string;

    /** For the teacher, such as “Arrow”. */
    public static function label(): string;

    public static function from(Fields $mark): self;

    /**
     * @param  Box  $picture where the picture is seen
     * @param  PreparedPicture  $prepared how it is drawn
     * @return list<Shape>
     */
    public function shapes(Box $picture, PreparedPicture $prepared, RenderContext $context): array;

    /** @return array<string, array{string, float, float}> name of a point => its label, and where it is as shares of the picture */
    public function points(): array;

    /** What it says, for a student who cannot see it; empty where it only points. */
    public function words(): string;

    /** Whether it lies there from the beginning and is taken off at its step, instead of appearing at it. */
    public function covers(): bool;
}
