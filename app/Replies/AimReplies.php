<?php

declare(strict_types=1);

namespace App\Replies;

use App\Models\Visit;
use Daybright\Lesson\Aim;
use Daybright\Watching\AimReached;

/** Who can do what the lesson aims at, by their marks, beside what they say of themselves. */
final class AimReplies
{
    /** @return list<array<string, mixed>> in the order of the plan */
    public static function show(ClassReplies $replies): array
    {
        return array_map(static fn (Aim $aim): array => self::aim($replies, $aim), $replies->lesson->aims ?? []);
    }

    /** @return array<string, mixed> */
    private static function aim(ClassReplies $replies, Aim $aim): array
    {
        $blocks = $replies->blocksServing($aim->id);
        $students = [];
        foreach ($replies->share->visits->sortBy('student.name') as $visit) {
            $reached = self::reached($visit, $blocks);
            $says = AimReached::tryFrom($visit->aims[$aim->id] ?? '');
            if ($reached !== null || $says !== null) {
                $students[] = ['name' => $visit->student->name, 'reached' => $reached, 'says' => $says];
            }
        }

        return [
            'id' => $aim->id,
            'text' => $aim->text,
            'questions' => count($blocks),
            'facility' => self::facility($replies, $blocks),
            'students' => $students,
        ];
    }

    /**
     * @param  list<string>  $blocks
     * @return float|null share of the marks that the class earned with them
     */
    public static function facility(ClassReplies $replies, array $blocks): ?float
    {
        $marks = $replies->share->visits->map(static fn (Visit $visit): array => ClassReplies::marks($visit, $blocks))->all();
        $possible = array_sum(array_column($marks, 1));

        return $possible > 0 ? array_sum(array_column($marks, 0)) / $possible : null;
    }

    /** @param  list<string>  $blocks */
    private static function reached(Visit $visit, array $blocks): ?AimReached
    {
        return AimReached::byMarks(...ClassReplies::marks($visit, $blocks));
    }
}
