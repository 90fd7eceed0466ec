<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Daybright\Deck\BlockOnPage;
use Daybright\Deck\Format;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\Tracks\Ink\Stroke;
use Daybright\Recording\Tracks\Spot;
use Daybright\Release\FrozenLesson;
use Daybright\Release\LessonFreezer;
use Daybright\Scene\Box;
use Daybright\Watching\Progress;
use Daybright\Watching\SealedLesson;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** What was drawn and pointed at on the wide page, on the tall one. */
final class DrawnOnTallTest extends TestCase
{
    private const WORDS = 'The shadow of a stick is long in the morning, short at noon and long again in the evening, when the sun stands low.';

    public function test_a_ring_round_a_word_goes_round_the_same_word(): void
    {
        $lesson = self::lesson();
        foreach (array_keys(self::words($lesson, Format::Wide)) as $number) {
            $frozen = self::frozen($lesson, [self::ink(self::ring(self::words($lesson, Format::Wide)[$number][1]))]);
            self::assertNotNull($frozen->slides['slide-1']->tall);
            $ring = self::around(self::strokes($frozen)[0]);
            foreach (self::words($lesson, Format::Tall) as $other => [$word, $box]) {
                $isIn = $ring->distance($box->middleX(), $box->middleY()) === 0.0;
                self::assertSame($other === $number, $isIn, "{$word}, ringed: {$number}");
            }
        }
    }

    public function test_a_line_under_two_words_stays_under_them_or_the_wide_page_is_shown(): void
    {
        $lesson = self::lesson();
        $wide = self::words($lesson, Format::Wide);
        $tall = self::words($lesson, Format::Tall);
        $apart = 0;
        for ($number = 0; $number + 1 < count($wide); $number++) {
            [$first, $second] = [$wide[$number][1], $wide[$number + 1][1]];
            if ($first->y !== $second->y) {
                continue;
            }
            $under = $first->bottom() + 6;
            $frozen = self::frozen($lesson, [self::ink([[$first->x, $under], [$second->right(), $under]])]);
            if ($tall[$number][1]->y !== $tall[$number + 1][1]->y) {
                $apart++;
                self::assertNull($frozen->slides['slide-1']->tall, $wide[$number][0]);

                continue;
            }
            $line = self::around(self::strokes($frozen)[0]);
            self::assertEqualsWithDelta($tall[$number][1]->x, $line->x, 1, $wide[$number][0]);
            self::assertEqualsWithDelta($tall[$number + 1][1]->right(), $line->right(), 1);
            self::assertGreaterThan($tall[$number][1]->middleY(), $line->y);
            self::assertLessThan($tall[$number][1]->bottom() + 10, $line->y);
        }
        self::assertGreaterThan(0, $apart, 'On the tall page no two of the words stand on different lines.');
    }

    public function test_a_line_from_one_block_to_another_shows_the_wide_page(): void
    {
        $lesson = Slides::lesson([
            Slides::block('words', 'text', ['text' => self::WORDS]),
            Slides::block('more', 'text', ['text' => 'A secret'], 'step-1'),
        ]);
        $boxes = Slides::painter()->paint($lesson, $lesson->slides()[0])->boxes;
        $middle = static fn (string $block): array => [$boxes[$block]->middleX(), $boxes[$block]->middleY()];
        $stroke = self::ink([$middle('words'), $middle('more')]);
        $frozen = self::frozen($lesson, [$stroke]);
        self::assertNull($frozen->slides['slide-1']->tall);
        self::assertEquals($frozen->tracks->intervals['ink'], $frozen->drawnTall->intervals['ink'], 'It stays where it was drawn.');
    }

    public function test_ink_on_a_figure_follows_the_figure(): void
    {
        $quantities = ['mode' => 'parts', 'parts' => 5, 'shaded' => 2, 'known' => 'whole', 'amount' => '40', 'unit' => 'kg'];
        $lesson = Slides::lesson([
            Slides::block('words', 'text', ['text' => self::WORDS]),
            Slides::block('figure', 'figure', ['figure' => 'bar-model', 'quantities' => $quantities]),
        ]);
        $on = static fn (Format $format): Box => BlockOnPage::all(
            Slides::painter()->paint($lesson, $lesson->slides()[0], $format),
        )['figure']->graphics[0];
        $wide = $on(Format::Wide);
        $tall = $on(Format::Tall);
        $corners = [[$wide->x, $wide->y], [$wide->right(), $wide->bottom()]];
        $frozen = self::frozen($lesson, [self::ink($corners)]);
        self::assertNotNull($frozen->slides['slide-1']->tall);
        $drawn = self::around(self::strokes($frozen)[0]);
        foreach (['x', 'y', 'width', 'height'] as $side) {
            self::assertEqualsWithDelta($tall->$side, $drawn->$side, 0.2, $side);
        }
        self::assertNotEqualsWithDelta($wide->x, $drawn->x, 1);
    }

    public function test_what_is_drawn_on_a_picture_stays_on_its_place_where_its_names_stand_elsewhere(): void
    {
        $lesson = Slides::lessonWithNames();
        $on = static fn (Format $format): Box => BlockOnPage::all(
            Slides::painter()->paint($lesson, $lesson->slides()[0], $format),
        )['parts']->pictures['picture-1'];
        [$wide, $tall] = [$on(Format::Wide), $on(Format::Tall)];
        $in = static fn (Box $on, float $x, float $y): array => [$on->x + $x * $on->width, $on->y + $y * $on->height];
        [$x, $y] = $in($wide, 0.4, 0.3);
        $frozen = self::frozen($lesson, [
            self::ink([$in($wide, 0.35, 0.2), $in($wide, 0.45, 0.4)]),
            ['kind' => 'point', 'at' => 3000, 'x' => $x, 'y' => $y],
        ]);
        self::assertNotNull($frozen->slides['slide-1']->tall);
        $drawn = self::around(self::strokes($frozen)[0]);
        self::assertEqualsWithDelta($in($tall, 0.35, 0.2), [$drawn->x, $drawn->y], 0.2);
        self::assertEqualsWithDelta($in($tall, 0.45, 0.4), [$drawn->right(), $drawn->bottom()], 0.2);
        $spot = $frozen->drawnTall->intervals['pointer'][0];
        self::assertInstanceOf(Spot::class, $spot);
        self::assertEqualsWithDelta($in($tall, 0.4, 0.3), [$spot->x, $spot->y], 0.2);
    }

    public function test_the_pointer_goes_to_the_same_word_and_through_empty_places(): void
    {
        $lesson = self::lesson();
        $noon = array_search('noon', array_column(self::words($lesson, Format::Wide), 0), true);
        self::assertIsInt($noon);
        $wide = self::words($lesson, Format::Wide)[$noon][1];
        $tall = self::words($lesson, Format::Tall)[$noon][1];
        $frozen = self::frozen($lesson, [
            ['kind' => 'point', 'at' => 1000, 'x' => $wide->middleX(), 'y' => $wide->middleY()],
            ['kind' => 'point', 'at' => 1500, 'x' => 1590, 'y' => 890],
        ]);
        self::assertNotNull($frozen->slides['slide-1']->tall);
        $spot = $frozen->drawnTall->intervals['pointer'][0];
        self::assertInstanceOf(Spot::class, $spot);
        self::assertEqualsWithDelta($tall->middleX(), $spot->x, 0.1);
        self::assertEqualsWithDelta($tall->middleY(), $spot->y, 0.1);
    }

    public function test_what_was_drawn_after_an_open_question_is_sealed_on_both_pages(): void
    {
        $lesson = Slides::lesson([
            Slides::block('words', 'text', ['text' => self::WORDS]),
            Slides::block('question', 'question', ['type' => 'text', 'prompt' => 'When?', 'marks' => 1, 'accepted' => ['noon']]),
        ]);
        $ring = self::ring(self::words($lesson, Format::Wide)[0][1]);
        $frozen = self::frozen($lesson, [
            self::ink($ring),
            ['kind' => 'step', 'at' => 4000, 'step' => 'step-2'],
            ['at' => 5000] + self::ink($ring),
        ]);
        self::assertCount(2, $frozen->drawnTall->intervals['ink']);
        $sealed = SealedLesson::seal($frozen, new Progress([], false))->lesson;
        self::assertCount(1, $sealed->tracks->intervals['ink']);
        self::assertCount(1, $sealed->drawnTall->intervals['ink']);
    }

    public function test_a_release_is_read_as_it_was_written_and_an_older_one_has_nothing_drawn_on_tall_pages(): void
    {
        $lesson = self::lesson();
        $frozen = self::frozen($lesson, [self::ink(self::ring(self::words($lesson, Format::Wide)[3][1]))]);
        $written = json_decode((string) json_encode($frozen->toArray()), true);
        self::assertIsArray($written);
        self::assertEquals($frozen->drawnTall, FrozenLesson::read(new Fields($written))->drawnTall);
        unset($written['drawnTall']);
        self::assertSame([], FrozenLesson::read(new Fields($written))->drawnTall->intervals);
    }

    private static function lesson(): Lesson
    {
        return Slides::lesson([Slides::block('words', 'text', ['text' => self::WORDS])]);
    }

    /** @return list<array{string, Box}> */
    private static function words(Lesson $lesson, Format $format): array
    {
        return BlockOnPage::all(Slides::painter()->paint($lesson, $lesson->slides()[0], $format))['words']->words;
    }

    /** @return list<array{float, float}> */
    private static function ring(Box $word): array
    {
        $points = [];
        for ($turn = 0; $turn <= 12; $turn++) {
            $angle = $turn * M_PI / 6;
            $points[] = [
                $word->middleX() + (0.5 * $word->width + 8) * cos($angle),
                $word->middleY() + 0.45 * $word->height * sin($angle),
            ];
        }

        return $points;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return array<string, mixed>
     */
    private static function ink(array $points): array
    {
        return [
            'kind' => 'ink',
            'at' => 2000,
            'tool' => 'pen',
            'colour' => '#B3261E',
            'width' => 8,
            'points' => array_map(static fn (array $point): array => [0, ...$point], $points),
        ];
    }

    /** @param  list<array<string, mixed>>  $events */
    private static function frozen(Lesson $lesson, array $events): FrozenLesson
    {
        $takes = ['slide-1' => Take::recorded('take', 'slide-1', 480_000, $events, [])];

        return (new LessonFreezer(Slides::painter()))->freeze($lesson, Timeline::build($lesson, $takes));
    }

    /** @return list<Stroke> */
    private static function strokes(FrozenLesson $frozen): array
    {
        return array_values(array_filter(
            $frozen->drawnTall->intervals['ink'] ?? [],
            static fn ($interval): bool => $interval instanceof Stroke,
        ));
    }

    private static function around(Stroke $stroke): Box
    {
        return Box::around(array_map(static fn (array $point): Box => new Box($point[1], $point[2], 0, 0), $stroke->points));
    }
}
