<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Block\Blocks;
use Daybright\Deck\Shapes;
use Daybright\Deck\ShapeSlide;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\PartKind;
use Illuminate\Support\Str;

/** A new lesson: every part of a day, a first slide to begin with, and those of a shape where one was chosen. */
final class BlankLesson
{
    /** @param  array<string, mixed>  $plan title, and subject, className, minutes, look and shape where they were given */
    public static function document(array $plan): LessonDocument
    {
        $shape = Shapes::called($plan['shape'] ?? '');
        $slides = $shape === null ? [] : $shape::slides();

        return LessonDocument::from([
            'format' => Lesson::FORMAT,
            'version' => Lesson::VERSION,
            'title' => $plan['title'],
            'subject' => $plan['subject'] ?? '',
            'className' => $plan['className'] ?? '',
            'date' => '',
            'minutes' => ($plan['minutes'] ?? 6) + 0,
            'pace' => 130,
            'pages' => '',
            'before' => '',
            'next' => '',
            'materials' => [],
            'keyWords' => [],
            'typeface' => 'lexend',
            ...isset($plan['look']) ? ['look' => $plan['look']] : [],
            'aims' => [],
            'parts' => array_map(static fn (PartKind $kind): array => [
                'id' => self::id('part'),
                'kind' => $kind->value,
                'slides' => [
                    ...$kind === PartKind::Opening ? [self::slide($plan['title'], 'opening')] : [],
                    ...array_map(
                        self::shaped(...),
                        array_values(array_filter($slides, static fn (ShapeSlide $slide): bool => $slide->part === $kind)),
                    ),
                ],
            ], PartKind::cases()),
            'media' => (object) [],
        ]);
    }

    /** @return array<string, mixed> */
    public static function slide(string $title, string $arrangement): array
    {
        return [
            'id' => self::id('slide'),
            'title' => $title,
            'side' => false,
            'arrangement' => $arrangement,
            'aims' => [],
            'steps' => [['id' => self::id('step'), 'script' => '', 'pause' => 0]],
            'blocks' => [],
        ];
    }

    /** @return array<string, mixed> an answer has a step of its own from the beginning */
    public static function shaped(ShapeSlide $shaped): array
    {
        $slide = self::slide($shaped->title, 'whole');
        $ids = array_map(static fn (): string => self::id('block'), $shaped->blocks);
        foreach ($shaped->blocks as $number => $block) {
            $reveals = [];
            $piece = Blocks::answerPieceOf($block['kind'], $block['content']);
            if ($piece !== null) {
                $reveals[$piece] = self::id('step');
                $slide['steps'][] = ['id' => $reveals[$piece], 'script' => '', 'pause' => 0];
            }
            $slide['blocks'][] = [
                'id' => $ids[$number],
                'kind' => $block['kind'],
                'region' => 'main',
                'step' => $slide['steps'][0]['id'],
                'reveals' => (object) $reveals,
                'content' => $block['content'],
                ...$block['source'] === null ? [] : ['source' => $ids[$block['source']]],
            ];
        }

        return $slide;
    }

    public static function id(string $kind): string
    {
        return $kind.'-'.Str::lower(Str::random(8));
    }
}
