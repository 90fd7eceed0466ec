<?php

declare(strict_types=1);

namespace App\Replies;

use App\Models\Answer;
use App\Models\Moment;
use App\Models\MomentKind;
use App\Models\Student;
use App\Models\Visit;
use Carbon\CarbonInterface;
use RuntimeException;

/** The replies of a class as a table that any spreadsheet opens (RFC 4180): a row for each student and for each thing they did. */
final class RepliesTable
{
    private const HEAD = ['Student', 'What', 'Question', 'Answer', 'Marks', 'Of', 'After the hint', 'Seconds', 'Your words', 'When'];

    /** A spreadsheet takes what begins with one of these for a formula. */
    private const FORMULA = '/^[=+\-@\t\r]/';

    public static function write(ClassReplies $replies): string
    {
        $visits = $replies->share->visits->keyBy('student_id');
        $rows = [self::HEAD];
        foreach ($replies->share->classroom->students as $student) {
            $visit = $visits->get($student->id);
            array_push($rows, ...$visit === null ? [[$student->name, 'not opened']] : self::rows($replies, $student, $visit));
        }

        $file = fopen('php://memory', 'w+') ?: throw new RuntimeException('A table cannot be written in memory.');
        // The mark at the beginning tells spreadsheets that it is UTF-8.
        fwrite($file, "\u{FEFF}");
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::cell(...), array_pad($row, count(self::HEAD), '')), ',', '"', '', "\r\n");
        }

        return (string) stream_get_contents($file, -1, 0);
    }

    /** @return list<list<string|int|null>> */
    private static function rows(ClassReplies $replies, Student $student, Visit $visit): array
    {
        $rows = [[$student->name, 'opened', '', '', '', '', '', '', '', self::time($visit->created_at)]];
        foreach ($replies->questions + $replies->dropped as $block => $question) {
            $answer = $visit->answers->firstWhere('block', $block);
            if ($answer instanceof Answer) {
                $rows[] = [
                    $student->name,
                    'answer',
                    $question->prompt,
                    $answer->readable,
                    $answer->earned,
                    $answer->out_of,
                    $answer->hinted ? 'yes' : '',
                    $answer->seconds,
                    $answer->remark,
                    self::time($answer->updated_at),
                ];
            }
        }
        foreach ($replies->lesson->aims ?? [] as $aim) {
            if (isset($visit->aims[$aim->id])) {
                $rows[] = [$student->name, 'says of the aim', $aim->text, str_replace('-', ' ', $visit->aims[$aim->id])];
            }
        }
        foreach ($visit->moments as $moment) {
            $rows[] = [
                $student->name,
                self::what($moment),
                $replies->lesson?->slide($moment->slide)->title ?? '',
                $moment->text,
                '',
                '',
                '',
                '',
                $moment->reply,
                self::time($moment->created_at),
            ];
        }
        if ($visit->handed_in_at !== null) {
            $rows[] = [$student->name, 'handed in', '', '', '', '', '', '', '', self::time($visit->handed_in_at)];
        }

        return $rows;
    }

    private static function what(Moment $moment): string
    {
        return match ($moment->kind) {
            MomentKind::Lost => 'is lost',
            MomentKind::Question => 'asks',
            MomentKind::Note => 'notes',
            MomentKind::Letter => 'writes to themselves',
            MomentKind::Back => 'went back',
        };
    }

    /** In the school's zone. */
    private static function time(?CarbonInterface $time): string
    {
        return (string) $time?->timezone(config('daybright.zone'))->format('Y-m-d H:i');
    }

    private static function cell(string|int|null $cell): string
    {
        $text = (string) $cell;

        return preg_match(self::FORMULA, $text) === 1 && ! is_numeric($text) ? "'".$text : $text;
    }
}
