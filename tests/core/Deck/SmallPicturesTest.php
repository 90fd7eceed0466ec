<?php

declare(strict_types=1);

namespace Tests\Core\Deck;

use Daybright\Block\Blocks;
use Daybright\Deck\Credits;
use Daybright\Deck\Format;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Release\LessonFreezer;
use Daybright\Scene\Box;
use Daybright\Scene\Scene;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** Pictures beside words: in the answers to choose from, and beside a title. */
final class SmallPicturesTest extends TestCase
{
    public function test_answers_with_pictures_stand_in_a_grid_each_with_its_own(): void
    {
        $lesson = self::asking(['noon', 'evening', 'night', 'morning']);
        $scene = Slides::painter()->paint($lesson, $lesson->slides()[0]);
        $pictures = self::images($scene, 'ask');
        self::assertCount(4, $pictures);
        $rows = array_count_values(array_map(static fn (Box $picture): string => (string) round($picture->y), $pictures));
        self::assertGreaterThan(1, max($rows), 'Pictures stand beside one another.');
        foreach ($pictures as $picture) {
            self::assertGreaterThan(100.0, $picture->height);
        }
    }

    public function test_an_answer_that_is_a_picture_alone_is_called_by_its_letter(): void
    {
        $lesson = self::asking(['', '']);
        $question = Blocks::questionOf($lesson->slides()[0]->blocks[0]);
        self::assertNotNull($question);
        self::assertSame('A', $question->answer());
        self::assertNull($question->unfinished());
        self::assertSame('B', $question->readable('c1'));
        self::assertStringContainsString(
            'A: Picture: A leaf',
            Slides::painter()->paint($lesson, $lesson->slides()[0])->description(),
        );
    }

    public function test_a_student_gets_the_picture_and_what_it_shows(): void
    {
        $lesson = self::asking(['noon', 'night']);
        $takes = ['slide-1' => Take::recorded('take', 'slide-1', 480_000, [], [])];
        $frozen = (new LessonFreezer(Slides::painter()))->freeze($lesson, Timeline::build($lesson, $takes));
        $choices = $frozen->pauses[0]->question['choices'] ?? null;
        self::assertIsArray($choices);
        self::assertSame(
            ['id' => 'c0', 'text' => 'noon', 'picture' => 'picture:'.str_repeat('a', 64), 'shows' => 'A leaf'],
            $choices[0],
        );
    }

    public function test_a_drawing_stands_beside_the_title_and_above_that_of_an_opening(): void
    {
        foreach (Format::cases() as $format) {
            foreach (['whole' => 'beside', 'opening' => 'above'] as $arrangement => $where) {
                $slide = ['drawing' => 'leaf', 'arrangement' => $arrangement];
                $lesson = self::lesson([Slides::block('text', 'text', ['text' => 'At noon'])], $slide);
                $scene = Slides::painter()->paint($lesson, $lesson->slides()[0], $format);
                [$drawing] = self::images($scene, '');
                $title = $scene->fields[''][0]->room;
                self::assertFalse($drawing->overlaps($title), $where);
                self::assertTrue($where === 'beside' ? $drawing->right() <= $title->x : $drawing->bottom() <= $title->y, $where);
                self::assertFalse($drawing->overlaps($scene->boxes['text']), $where);
            }
        }
    }

    public function test_they_are_credited(): void
    {
        $lesson = self::lesson([], ['drawing' => 'leaf']);
        self::assertSame(['A leaf: Wren Ellery'], Credits::of($lesson));
    }

    /** @param  list<string>  $texts of the answers, of which the first is right */
    private static function asking(array $texts): Lesson
    {
        return self::lesson([Slides::block('ask', 'question', [
            'type' => 'choice',
            'prompt' => 'Which of them?',
            'marks' => 1,
            'choices' => array_map(static fn (int $number): array => [
                'id' => "c{$number}",
                'text' => $texts[$number],
                'right' => $number === 0,
                'picture' => 'leaf',
            ], array_keys($texts)),
        ])]);
    }

    /**
     * @param  list<array<string, mixed>>  $blocks
     * @param  array<string, mixed>  $slide
     */
    private static function lesson(array $blocks, array $slide = []): Lesson
    {
        $media = ['leaf' => Slides::picture('A leaf', 'Wren Ellery')];

        return Lesson::from(['media' => $media] + Slides::document($blocks, ['One.'], $slide));
    }

    /** @return list<Box> */
    private static function images(Scene $scene, string $block): array
    {
        $images = [];
        foreach ($scene->groups as $group) {
            foreach ($group->block === $block ? $group->shapes : [] as $shape) {
                if ($shape->element === 'image') {
                    $images[] = $group->boxOf($shape);
                }
            }
        }

        return $images;
    }
}
