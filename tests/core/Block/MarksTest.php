<?php

declare(strict_types=1);

namespace Tests\Core\Block;

use Daybright\Block\Picture\Marks;
use Daybright\Deck\Format;
use Daybright\Lesson\Lesson;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\SvgGroups;
use Daybright\Scene\SvgWriter;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class MarksTest extends TestCase
{
    public function test_every_kind_appears_at_its_step_inside_the_picture_and_can_be_moved(): void
    {
        $marks = [];
        $reveals = [];
        foreach (Marks::CATALOGUE as $number => $kind) {
            $marks[] = [
                'id' => "m{$number}", 'kind' => $kind::name(), 'text' => 'the gnomon',
                'at' => ['x' => 0.9, 'y' => 0.95], 'edge' => ['x' => 0.95, 'y' => 0.95],
            ];
            $reveals["mark-m{$number}"] = 'step-2';
        }
        foreach ([Format::Wide, Format::Tall] as $format) {
            $scene = self::paint($marks, $reveals, $format);
            $picture = self::picture($scene);
            foreach (Marks::CATALOGUE as $number => $kind) {
                $group = self::group($scene, "mark-m{$number}");
                self::assertSame($kind::name() === 'cover' ? 0 : 1, $group->stepNumber, $kind);
                self::assertNotSame([], $group->shapes, $kind);
                foreach ($group->shapes as $shape) {
                    self::assertTrue($scene->page->holds($group->boxOf($shape), 30), "{$kind} leaves the page");
                }
            }
            foreach ($scene->handles['photo'] as $handle) {
                self::assertTrue($picture->holds($handle->area, 2), $handle->path);
            }
        }
    }

    public function test_a_cover_lies_there_until_its_step_takes_it_off(): void
    {
        $cover = ['id' => 'a', 'kind' => 'cover', 'at' => ['x' => 0.2, 'y' => 0.2], 'corner' => ['x' => 0.6, 'y' => 0.7]];
        $scene = self::paint([$cover], ['mark-a' => 'step-2']);
        $seen = static fn (int $step): array => array_map(static fn (Group $group): string => $group->piece, $scene->at($step)->groups);
        self::assertContains('mark-a', $seen(0));
        self::assertNotContains('mark-a', $seen(1));
        $svg = (new SvgWriter(static fn (): string => 'x'))->write($scene);
        self::assertStringContainsString('data-piece="mark-a"', SvgGroups::without($svg, ['step-2']));
        self::assertStringNotContainsString('data-piece="mark-a"', SvgGroups::without($svg, []));
        // Without a step of its own it stays.
        $stays = self::paint([$cover], []);
        self::assertNull(self::group($stays, 'mark-a')->untilNumber);
    }

    public function test_marks_keep_their_place_on_the_picture_in_both_formats(): void
    {
        $mark = ['id' => 'a', 'kind' => 'number', 'at' => ['x' => 0.25, 'y' => 0.75], 'text' => '1'];
        foreach ([Format::Wide, Format::Tall] as $format) {
            $scene = self::paint([$mark], [], $format);
            $picture = self::picture($scene);
            $group = self::group($scene, 'mark-a');
            $disc = $group->boxOf($group->shapes[0]);
            self::assertEqualsWithDelta($picture->x + 0.25 * $picture->width, $disc->middleX(), 1);
            self::assertEqualsWithDelta($picture->y + 0.75 * $picture->height, $disc->middleY(), 1);
        }
    }

    public function test_an_enlarged_detail_shows_the_part_that_it_points_at(): void
    {
        $scene = self::paint([['id' => 'a', 'kind' => 'detail', 'at' => ['x' => 0.3, 'y' => 0.4], 'to' => ['x' => 0.7, 'y' => 0.6]]], []);
        $svg = simplexml_load_string((new SvgWriter(static fn (): string => 'photo'))->write($scene));
        self::assertNotFalse($svg);
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $lens = ($svg->xpath('//s:g[@data-piece="mark-a"]/s:svg') ?: [])[0] ?? null;
        self::assertNotNull($lens);
        [$x, $y, $width] = array_map(floatval(...), explode(' ', (string) $lens['viewBox']));
        $group = self::group($scene, 'mark-a');
        $picture = self::picture($scene)->moved(-$group->x, -$group->y);
        self::assertEqualsWithDelta($picture->x + 0.3 * $picture->width, $x + $width / 2, 1);
        self::assertEqualsWithDelta($picture->y + 0.4 * $picture->height, $y + $width / 2, 1);
        self::assertGreaterThan(2 * $width, (float) $lens['width']);
    }

    /**
     * @param  list<array<string, mixed>>  $marks
     * @param  array<string, string>  $reveals
     */
    private static function paint(array $marks, array $reveals, Format $format = Format::Wide): Scene
    {
        $block = Slides::block('photo', 'picture', ['medium' => 'leaf', 'caption' => '', 'marks' => $marks], 'step-1', $reveals);
        $document = Slides::document([$block]);
        $document['media'] = ['leaf' => Slides::picture('A leaf')];
        $lesson = Lesson::from($document);

        return Slides::painter()->paint($lesson, $lesson->slides()[0], $format);
    }

    private static function picture(Scene $scene): Box
    {
        $group = self::group($scene, 'main');
        $images = array_filter($group->shapes, static fn (Shape $shape): bool => $shape->element === 'image');

        return $group->boxOf(array_values($images)[0]);
    }

    private static function group(Scene $scene, string $piece): Group
    {
        $groups = array_filter($scene->groups, static fn (Group $group): bool => $group->block === 'photo' && $group->piece === $piece);

        return array_values($groups)[0];
    }
}
