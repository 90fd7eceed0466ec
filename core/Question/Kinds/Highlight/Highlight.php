<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Highlight;

use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;

/** Mark the words of a passage that are evidence. A mark counts when it has most of the evidence and not much more. */
final readonly class Highlight implements QuestionKind
{
    public function name(): string
    {
        return 'highlight';
    }

    public function answer(Fields $content): string
    {
        $words = self::words($content);

        return implode(' … ', array_map(static fn (array $range): string => '“'.trim(implode(' ', array_slice($words, $range[0], $range[1] - $range[0] + 1)), ' ,;.“”"').'”', self::evidence($content)));
    }

    public function asked(Fields $content): array
    {
        return ['passage' => $content->text('passage', '')];
    }

    public function shown(Fields $content): array
    {
        return [$content->text('passage', '')];
    }

    public function mark(Fields $content, string $given): Marking
    {
        $chosen = array_map(intval(...), GivenAnswer::list($given));
        if ($chosen === []) {
            throw InvalidAnswer::nothingMarked();
        }
        $evidence = self::evidence($content);
        $wanted = array_merge(...array_map(static fn (array $range): array => range($range[0], $range[1]), $evidence), ...[[]]);
        $found = array_filter($evidence, static fn (array $range): bool => count(array_intersect(range($range[0], $range[1]), $chosen)) * 2 > $range[1] - $range[0] + 1);
        $beyond = count(array_diff($chosen, $wanted));
        $marks = $content->whole('marks', 1);
        $isTooMuch = $beyond > max(3, count($wanted));
        $sentence = count($found).' of '.count($evidence).' pieces of evidence are marked'.($isTooMuch ? ', with many other words. Mark only what shows it.' : '. Look for the others.');

        return Share::of(count($found) - ($isTooMuch ? 1 : 0), count($evidence), $marks, $sentence);
    }

    public function readable(Fields $content, string $given): string
    {
        try {
            $chosen = array_map(intval(...), GivenAnswer::list($given));
        } catch (InvalidAnswer) {
            return $given;
        }
        sort($chosen);
        $words = self::words($content);
        $told = '';
        foreach ($chosen as $number => $word) {
            $told .= ($number === 0 ? '' : ($word === $chosen[$number - 1] + 1 ? ' ' : ' … ')).($words[$word] ?? '');
        }

        return $told;
    }

    public function unfinished(Fields $content): ?string
    {
        $count = count(self::words($content));

        return match (true) {
            $count === 0 => 'This question has no passage yet.',
            self::evidence($content) === [] => 'No evidence is marked in the passage yet. Click its first and last word.',
            max(array_map(static fn (array $range): int => $range[1], self::evidence($content))) >= $count => 'The evidence lies beyond the end of the passage, since the text was changed. Mark it again.',
            default => null,
        };
    }

    /** @return list<string> */
    private static function words(Fields $content): array
    {
        return preg_split('/\s+/u', $content->text('passage', ''), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /** @return list<array{int, int}> */
    private static function evidence(Fields $content): array
    {
        return array_map(static fn (Fields $range): array => [$range->whole('from', 0), max($range->whole('from', 0), $range->whole('to', 0))], $content->list('evidence'));
    }
}
