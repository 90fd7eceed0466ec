<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Letters;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;

/** Give each line of a verse its letter. What counts is which lines go together, not which letter stands for them. */
final readonly class Letters implements KnowsRightAnswer, QuestionKind
{
    /** @param  list<Line>  $lines */
    private function __construct(private array $lines)
    {
    }

    public static function name(): string
    {
        return 'letters';
    }

    public static function from(Fields $content): self
    {
        return new self(array_map(Line::from(...), $content->list('lines')));
    }

    public function answer(): string
    {
        return implode(' ', array_map(static fn (Line $line): string => $line->letter, $this->lines));
    }

    public function rightAnswer(): string
    {
        return GivenAnswer::written(array_combine(
            array_map(static fn (Line $line): string => $line->id, $this->lines),
            array_map(static fn (Line $line): string => $line->letter, $this->lines),
        ));
    }

    public function asked(): array
    {
        return ['lines' => array_map(static fn (Line $line): array => ['id' => $line->id, 'text' => $line->text], $this->lines)];
    }

    public function shown(): array
    {
        return array_map(static fn (Line $line): string => $line->text, $this->lines);
    }

    public function mark(string $given, int $marks): Marking
    {
        $letters = GivenAnswer::map($given);
        $chosen = $expected = [];
        foreach ($this->lines as $line) {
            $letter = $letters[$line->id] ?? '';
            if (preg_match('/^[A-Za-z]$/', $letter) !== 1) {
                throw InvalidAnswer::notAllLettered();
            }
            $chosen[] = strtoupper($letter);
            $expected[] = $line->letter;
        }
        [$chosen, $expected] = [self::pattern($chosen), self::pattern($expected)];
        $right = count(array_filter(array_keys($expected), static fn (int $number): bool => $chosen[$number] === $expected[$number]));

        return Share::award(
            $right,
            count($this->lines),
            $marks,
            "Not yet. {$right} of ".count($this->lines).' lines have the right letter. Say the ends of the lines aloud and compare.',
        );
    }

    public function readable(string $given): string
    {
        try {
            $letters = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }

        return implode(' ', array_map(static fn (Line $line): string => strtoupper($letters[$line->id] ?? '–'), $this->lines));
    }

    public function unfinished(): ?string
    {
        return match (true) {
            count($this->lines) < 2 => 'This question needs at least two lines.',
            array_filter(
                $this->lines,
                static fn (Line $line): bool => preg_match('/^[A-Z]$/', $line->letter) !== 1,
            ) !== [] => 'A line has no letter yet. Give each line one of the letters A to Z.',
            default => null,
        };
    }

    public function inWords(Closure $plain): self
    {
        return new self(array_map(static fn (Line $line): Line => $line->inWords($plain), $this->lines));
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
