<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Letters;

use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;

/** Give each line of a verse its letter. What counts is which lines go together, not which letter stands for them. */
final readonly class Letters implements QuestionKind
{
    public function name(): string
    {
        return 'letters';
    }

    public function answer(Fields $content): string
    {
        return implode(' ', array_map(static fn (Fields $line): string => $line->text('letter', ''), $content->list('lines')));
    }

    public function asked(Fields $content): array
    {
        return ['lines' => array_map(static fn (Fields $line): array => ['id' => $line->text('id'), 'text' => $line->text('text', '')], $content->list('lines'))];
    }

    public function shown(Fields $content): array
    {
        return array_map(static fn (Fields $line): string => $line->text('text', ''), $content->list('lines'));
    }

    public function mark(Fields $content, string $given): Marking
    {
        $letters = GivenAnswer::map($given);
        $lines = $content->list('lines');
        $chosen = $expected = [];
        foreach ($lines as $line) {
            $letter = $letters[$line->text('id')] ?? '';
            if (preg_match('/^[A-Za-z]$/', $letter) !== 1) {
                throw InvalidAnswer::notAllLettered();
            }
            $chosen[] = strtoupper($letter);
            $expected[] = $line->text('letter', '');
        }
        [$chosen, $expected] = [self::pattern($chosen), self::pattern($expected)];
        $right = count(array_filter(array_keys($expected), static fn (int $number): bool => $chosen[$number] === $expected[$number]));

        return Share::of($right, count($lines), $content->whole('marks', 1), "Not yet. {$right} of ".count($lines).' lines have the right letter. Say the ends of the lines aloud and compare.');
    }

    public function readable(Fields $content, string $given): string
    {
        try {
            $letters = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }

        return implode(' ', array_map(static fn (Fields $line): string => strtoupper($letters[$line->text('id')] ?? '–'), $content->list('lines')));
    }

    public function unfinished(Fields $content): ?string
    {
        $lines = $content->list('lines');

        return match (true) {
            count($lines) < 2 => 'This question needs at least two lines.',
            array_filter($lines, static fn (Fields $line): bool => preg_match('/^[A-Z]$/', $line->text('letter', '')) !== 1) !== [] => 'A line has no letter yet. Give each line one of the letters A to Z.',
            default => null,
        };
    }

    /**
     * Letters renamed in the order in which they come.
     *
     * @param  list<string>  $letters
     * @return list<int>
     */
    private static function pattern(array $letters): array
    {
        $names = [];
        $pattern = [];
        foreach ($letters as $letter) {
            $names[$letter] ??= count($names);
            $pattern[] = $names[$letter];
        }

        return $pattern;
    }
}
