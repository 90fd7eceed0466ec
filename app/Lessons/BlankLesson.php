<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Lesson\Lesson;
use Daybright\Lesson\PartKind;
use Illuminate\Support\Str;

/** A new lesson: every part of a day, and a first slide to begin with. */
final class BlankLesson
{
    /** @param  array<string, mixed>  $plan title, and subject, className, minutes and look where they were given */
    public static function document(array $plan): LessonDocument
    {
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
                'slides' => $kind === PartKind::Opening ? [self::slide($plan['title'])] : [],
            ], PartKind::cases()),
            'media' => (object) [],
        ]);
    }

    /** @return array<string, mixed> */
    private static function slide(string $title): array
    {
        return [
            'id' => self::id('slide'),
            'title' => $title,
            'side' => false,
            'arrangement' => 'opening',
            'aims' => [],
            'steps' => [['id' => self::id('step'), 'script' => '', 'pause' => 0]],
            'blocks' => [],
        ];
    }

    private static function id(string $kind): string
    {
        return $kind.'-'.Str::lower(Str::random(8));
    }
}
