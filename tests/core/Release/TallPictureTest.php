<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Daybright\Lesson\Fields;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Release\FrozenSlide;
use Daybright\Release\LessonFreezer;
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

    public function test_a_slide_that_finds_no_room_on_the_tall_page_is_shown_on_the_wide_one(): void
    {
        $words = str_repeat('The shadow of the stick is long in the morning. ', 24);
        self::assertNull(self::frozen([Slides::block('words', 'text', ['text' => $words])])->tall);
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
