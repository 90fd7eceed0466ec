<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Lesson\PartKind;
use stdClass;

/** Two lessons made of one: the second says what to watch first, and begins with a question about it. */
final class HalvedLesson
{
    private const LONGEST_TITLE = 180;

    /**
     * @param  string  $second id of the slide of the main line with which the second lesson begins
     * @param  float  $share of the first in the whole, 0 to 1
     * @return array{LessonDocument, LessonDocument}
     */
    public static function halve(LessonDocument $whole, string $second, float $share): array
    {
        $title = mb_substr($whole->title(), 0, self::LONGEST_TITLE);
        $minutes = $whole->read()->minutes;
        [$one, $two] = [$whole->jsonSerialize(), $whole->jsonSerialize()];
        [$before, $after] = self::parted($one, $second);

        self::keep($one, self::reached($one, $before));
        $one->title = "{$title} (first half)";
        $one->minutes = max(1, (int) round($minutes * $share));

        self::keep($two, self::reached($two, $after));
        $two->title = "{$title} (second half)";
        $two->minutes = max(1, (int) round($minutes) - $one->minutes);
        $two->before = $one->title;
        $one->next = $two->title;
        self::lookBack($two, $one->title);

        return [LessonDocument::from($one), LessonDocument::from($two)];
    }

    /** @return list<stdClass> */
    private static function slides(stdClass $document): array
    {
        return array_values(array_merge(...array_map(static fn (stdClass $part): array => $part->slides, $document->parts)));
    }

    /** @return array{list<stdClass>, list<stdClass>} slides of the main line */
    private static function parted(stdClass $document, string $second): array
    {
        $halves = [[], []];
        $half = 0;
        foreach (self::slides($document) as $slide) {
            $half = $slide->id === $second ? 1 : $half;
            if (! $slide->side) {
                $halves[$half][] = $slide;
            }
        }

        return $halves;
    }

    /**
     * A link names its slide by its id, whatever the block it is in.
     *
     * @param  list<stdClass>  $main
     * @return list<string> ids of the slides of the main line, and of the side slides that they lead to
     */
    private static function reached(stdClass $document, array $main): array
    {
        $left = array_filter(self::slides($document), static fn (stdClass $slide): bool => $slide->side);
        $ids = [];
        while ($main !== []) {
            $here = array_shift($main);
            $ids[] = $here->id;
            $text = json_encode($here, JSON_THROW_ON_ERROR);
            foreach ($left as $number => $side) {
                if (str_contains($text, "\"{$side->id}\"")) {
                    $main[] = $side;
                    unset($left[$number]);
                }
            }
        }

        return $ids;
    }

    /** @param  list<string>  $kept ids of slides */
    private static function keep(stdClass $document, array $kept): void
    {
        foreach ($document->parts as $part) {
            $part->slides = array_values(array_filter(
                $part->slides,
                static fn (stdClass $slide): bool => in_array($slide->id, $kept, true),
            ));
        }
    }

    /** Puts a slide before all others that asks what was found out. */
    private static function lookBack(stdClass $document, string $title): void
    {
        $slide = (object) BlankLesson::slide('Where we were', 'whole');
        $step = $slide->steps[0]['id'];
        $slide->steps[0]['script'] = "Before we go on, think back to “{$title}”. What did we find out? Stop here, and write one sentence.";
        $slide->blocks = [(object) [
            'id' => BlankLesson::id('question'),
            'kind' => 'question',
            'region' => 'main',
            'step' => $step,
            'reveals' => (object) [],
            'content' => (object) [
                'type' => 'text',
                'prompt' => "What did we find out in “{$title}”? Write one sentence.",
                'marks' => 1,
                'value' => '',
            ],
        ]];
        foreach ($document->parts as $part) {
            if ($part->kind === PartKind::Opening->value) {
                array_unshift($part->slides, $slide);

                return;
            }
        }
        array_unshift($document->parts, (object) [
            'id' => BlankLesson::id('part'), 'kind' => PartKind::Opening->value, 'slides' => [$slide],
        ]);
    }
}
