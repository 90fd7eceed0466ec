<?php

declare(strict_types=1);

namespace Tests\Core\Scene;

use Daybright\Scene\Colour;
use Daybright\Scene\Palette;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ColourTest extends TestCase
{
    /** @return array<string, array{string, string, float}> */
    public static function ratios(): array
    {
        // WCAG 2.2, “contrast ratio”: 21 at most, 1 at least; the two greys are the ones of its techniques G18 and F83, from memory.
        return [
            'black on white' => ['#000000', '#FFFFFF', 21.0],
            'a colour on itself' => ['#1B6074', '#1B6074', 1.0],
            'the lightest grey that passes 4.5 on white' => ['#767676', '#FFFFFF', 4.54],
            'the darkest grey that fails 4.5 on white' => ['#777777', '#FFFFFF', 4.48],
        ];
    }

    #[DataProvider('ratios')]
    public function test_contrast_is_that_of_wcag(string $one, string $other, float $ratio): void
    {
        self::assertEqualsWithDelta($ratio, Colour::read($one)->contrast(Colour::read($other)), 0.005);
        self::assertEqualsWithDelta($ratio, Colour::read($other)->contrast(Colour::read($one)), 0.005);
    }

    public function test_one_colour_over_another_is_their_mean_by_opacity(): void
    {
        self::assertSame('#808080', Colour::read('#000000')->over(Colour::read('#FFFFFF'), 0.498)->hex());
        self::assertSame('#123456', Colour::read('#123456')->over(Colour::read('#FFFFFF'), 1)->hex());
    }

    public function test_turning_lightness_keeps_the_hue_and_is_taken_back_by_itself(): void
    {
        self::assertSame('#FFFFFF', Colour::read('#000000')->withLightnessTurned()->hex());
        self::assertSame('#8BD0E4', Colour::read('#1B6074')->withLightnessTurned()->hex());
        self::assertSame('#1B6074', Colour::read('#8BD0E4')->withLightnessTurned()->hex());
    }

    public function test_a_palette_names_colours_and_turns_the_others_on_a_dark_ground(): void
    {
        $light = new Palette(['#1F2D36' => '#35201A']);
        self::assertSame('#35201A', $light->colour('#1f2d36'));
        self::assertSame('#A34A00', $light->colour('#A34A00'));
        $dark = new Palette(['#1F2D36' => '#F4F1EA'], true);
        self::assertSame('#FFA65C', $dark->colour('#A34A00'));
        self::assertSame('none', $dark->colour('none'));
    }
}
