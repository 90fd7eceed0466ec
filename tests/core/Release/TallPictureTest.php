<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Daybright\Figure\Figures;
use Daybright\Lesson\Fields;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Release\FrozenSlide;
use Daybright\Release\LessonFreezer;
use DOMDocument;
use DOMElement;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class TallPictureTest extends TestCase
{
    public function test_a_slide_is_frozen_for_a_phone_held_upright_too(): void
    {
        $slide = self::frozen();
        self::assertNotNull($slide->tall);
        self::assertStringContainsString('viewBox="0 0 1600 900"', $slide->wide->svg);
        self::assertStringContainsString('viewBox="0 0 670 1042"', $slide->tall->svg);
        self::assertStringContainsString('noon', $slide->tall->svg);
    }

    public function test_what_finds_no_room_on_the_tall_page_is_shown_smaller_and_on_the_wide_one_where_it_could_not_be_read(): void
    {
        $repeated = static fn (int $times): array => [
            Slides::block('words', 'text', ['text' => str_repeat('The shadow of the stick is long in the morning. ', $times)]),
        ];
        self::assertGreaterThanOrEqual(20.0, self::smallestType(self::frozen($repeated(24))));
        self::assertNull(self::frozen($repeated(60))->tall);
    }

    public function test_every_figure_as_it_is_begun_can_be_read_on_a_phone_held_upright(): void
    {
        foreach (Figures::all() as $figure) {
            $name = $figure::entry()->name;
            $content = ['figure' => $name, 'quantities' => $figure::blank()];
            $type = self::smallestType(self::frozen([Slides::block('figure', 'figure', $content)]));
            self::assertGreaterThanOrEqual(20.0, $type, "{$name} is 10.7 pixels high or more on a phone 360 pixels wide");
        }
    }

    private static function smallestType(FrozenSlide $slide): float
    {
        self::assertNotNull($slide->tall);
        $drawing = new DOMDocument;
        self::assertTrue($drawing->loadXML($slide->tall->svg));
        $sizes = [];
        foreach ($drawing->getElementsByTagName('text') as $text) {
            $scale = 1.0;
            for ($group = $text->parentNode; $group instanceof DOMElement; $group = $group->parentNode) {
                $scale *= preg_match('/scale\\(([\\d.]+)/', $group->getAttribute('transform'), $found) === 1 ? (float) $found[1] : 1.0;
            }
            $sizes[] = (float) $text->getAttribute('font-size') * $scale;
        }
        self::assertNotSame([], $sizes);

        return min($sizes);
    }

    public function test_nothing_of_a_later_step_is_in_either_picture(): void
    {
        $slide = self::frozen()->upTo(0);
        self::assertNotNull($slide->tall);
        foreach ([$slide->wide->svg, $slide->tall->svg] as $svg) {
            self::assertStringContainsString('noon', $svg);
            self::assertStringNotContainsString('secret', $svg);
        }
    }

    public function test_it_is_read_as_it_was_written_and_an_older_release_has_wide_pictures_only(): void
    {
        $slide = self::frozen();
        $written = json_decode((string) json_encode($slide->toArray()), true);
        self::assertIsArray($written);
        self::assertEquals($slide, FrozenSlide::read(new Fields($written)));
        unset($written['tall']);
        self::assertNull(FrozenSlide::read(new Fields($written))->tall);
    }

    /** @param  list<array<string, mixed>>|null  $blocks */
    private static function frozen(?array $blocks = null): FrozenSlide
    {
        $lesson = Slides::lesson($blocks ?? [
            Slides::block('words', 'text', ['text' => 'At noon']),
            Slides::block('more', 'text', ['text' => 'A secret'], 'step-2'),
        ], ['One.', 'Two.']);
        $takes = ['slide-1' => Take::recorded('take', 'slide-1', 480_000, [], [])];

        return (new LessonFreezer(Slides::painter()))->freeze($lesson, Timeline::build($lesson, $takes))->slides['slide-1'];
    }
}
