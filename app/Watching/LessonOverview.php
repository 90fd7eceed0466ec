<?php

declare(strict_types=1);

namespace App\Watching;

use App\Models\Share;
use Daybright\Lesson\PartKind;
use Daybright\Release\FrozenChapter;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPause;

/** A shared lesson as a plan for somebody who helps: what to have ready, what is watched, and where the class stops to do what. */
final class LessonOverview
{
    /** @return array<string, mixed> */
    public static function of(Share $share): array
    {
        $frozen = $share->version()->frozen();
        $document = $share->version()->document->array();

        return [
            'title' => $frozen->title,
            'series' => $share->lesson->series?->title,
            'due' => $share->due,
            'instructions' => $share->instructions ?? '',
            'before' => $document['before'] ?? '',
            'next' => $document['next'] ?? '',
            'pages' => $document['pages'] ?? '',
            'materials' => $document['materials'] ?? [],
            'aims' => array_column($document['aims'], 'text'),
            'minutes' => round($frozen->length / 60_000, 1),
            'minutesWithTasks' => round($frozen->full / 60_000, 1),
            'stops' => array_map(static fn (FrozenChapter $chapter): array => self::stop($frozen, $chapter), $frozen->chapters),
        ];
    }

    /** @return array<string, mixed> */
    private static function stop(FrozenLesson $frozen, FrozenChapter $chapter): array
    {
        $pauses = array_filter(
            $frozen->pauses,
            static fn (FrozenPause $pause): bool => $pause->slide === $chapter->slide && $pause->clip === null,
        );

        return [
            'part' => PartKind::from($chapter->part),
            'title' => $chapter->name(),
            'seconds' => round(($chapter->until - $chapter->at) / 1000, 1),
            'tasks' => array_values(array_map(static fn (FrozenPause $pause): array => [
                'prompt' => $pause->prompt,
                'seconds' => $pause->seconds,
            ], $pauses)),
        ];
    }
}
