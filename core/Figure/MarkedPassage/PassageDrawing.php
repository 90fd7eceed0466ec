<?php

declare(strict_types=1);

namespace Daybright\Figure\MarkedPassage;

use Daybright\Figure\Drawing\Card;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The passage in lines with their numbers; marks lie under the words as a tint and a line of their own pattern. */
final readonly class PassageDrawing
{
    private const LARGEST = 44.0;

    private const SMALLEST = 28.0;

    private const LEADING = 1.42;

    private const NUMBER = 56.0;

    private const MARKS = [['#DDF0F5', '#1B6074', ''], ['#FCEFD2', '#805300', '12 7'], ['#F3E1F0', '#75386D', '3 7']];

    public function __construct(private MarkedPassage $figure, private Box $box, private RenderContext $context)
    {
    }

    /** Estimated without the typesetter: letters of the smallest size are a little over half as wide as they are high. */
    public static function leastHeight(MarkedPassage $figure, float $width): float
    {
        $lines = 0;
        foreach ($figure->paragraphs as $words) {
            $used = INF;
            foreach ($words as $word) {
                $wide = mb_strlen($word) * 16.2;
                if ($used + $wide > $width - self::NUMBER) {
                    $lines++;
                    $used = 0.0;
                }
                $used += $wide + 8;
            }
        }
        $questions = array_sum(array_map(
            static fn (string $question): float => Card::leastHeight($question, $width - 60),
            $figure->questions,
        ));

        return ($lines + 1) * self::SMALLEST * self::LEADING + $questions + 16;
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        [$lines, $size] = $this->set();
        $row = $size * self::LEADING;
        $pieces = ['passage' => []];
        foreach ($lines as $number => $words) {
            $baseline = $this->box->y + $number * $row + $row * 0.7;
            $pieces['passage'][] = $this->context->type->label(
                (string) ($number + 1),
                $this->box->x + self::NUMBER - 20,
                $baseline,
                new TextStyle(self::SMALLEST, Paint::QUIET, false, 1),
            );
            $pieces['passage'][] = Shape::words(
                array_map(static fn (array $word): array => [$word[1], $word[2]], $words),
                $baseline,
                $this->context->type->face(false),
                $size,
                Paint::INK,
                new Box(
                    $words[0][1],
                    $baseline - $size * 0.78,
                    $words[count($words) - 1][1] + $words[count($words) - 1][3] - $words[0][1],
                    $size,
                ),
            );
        }
        foreach ($this->figure->found() as $mark) {
            array_push($pieces['passage'], ...$this->mark($mark, $lines, $row, $size));
        }
        $top = $this->box->y + count($lines) * $row + 12;
        foreach ($this->figure->questions as $question => $text) {
            [$shapes, $top] = $this->question($question, $text, $top);
            $pieces['question-'.($question + 1)] = [...$this->marks($question, $lines, $row, $size), ...$shapes];
        }

        return $pieces;
    }

    /** @return list<array{string, Box}> each word where it stands */
    public function words(): array
    {
        [$lines, $size] = $this->set();
        $words = [];
        foreach ($lines as $number => $line) {
            foreach ($line as [, $x, $word, $width]) {
                $words[] = [$word, $this->place($number, $x, $x + $width, $size)];
            }
        }

        return $words;
    }

    /**
     * @param  array{from: int, to: int, question: int}  $mark
     * @return list<Box> one for each of its lines
     */
    public function placesOf(array $mark): array
    {
        [$lines, $size] = $this->set();
        $places = [];
        foreach ($lines as $number => $line) {
            $inside = self::inside($mark, $line);
            if ($inside !== []) {
                $last = $inside[count($inside) - 1];
                $places[] = $this->place($number, $inside[0][1], $last[1] + $last[3], $size);
            }
        }

        return $places;
    }

    private function place(int $line, float $left, float $right, float $size): Box
    {
        return new Box($left, $this->box->y + $line * $size * self::LEADING, $right - $left, $size * self::LEADING);
    }

    /** @return array{list<non-empty-list<array{int, float, string, float}>>, float} the lines, and the size of their letters */
    private function set(): array
    {
        $questions = $this->questionsHeight();
        $lines = [];
        for ($size = self::LARGEST; $size >= self::SMALLEST; $size -= 2) {
            $lines = $this->lines($size);
            if (count($lines) * $size * self::LEADING + $questions + 12 <= $this->box->height) {
                break;
            }
        }

        return [$lines, max($size, self::SMALLEST)];
    }

    /**
     * @return list<non-empty-list<array{int, float, string, float}>> each line: number of the word, x, word, width
     */
    private function lines(float $size): array
    {
        $style = new TextStyle($size);
        $space = $this->context->type->width(' ', $style);
        [$left, $right] = [$this->box->x + self::NUMBER, $this->box->right() - 2];
        $lines = [];
        $number = 0;
        foreach ($this->figure->paragraphs as $words) {
            $line = [];
            $x = $left;
            foreach ($words as $word) {
                $width = $this->context->type->width($word, $style);
                if ($line !== [] && $x + $width > $right) {
                    $lines[] = $line;
                    [$line, $x] = [[], $left];
                }
                $line[] = [$number++, $x, $word, $width];
                $x += $width + $space;
            }
            if ($line !== []) {
                $lines[] = $line;
            }
        }

        return $lines;
    }

    /**
     * @param  list<non-empty-list<array{int, float, string, float}>>  $lines
     * @return list<Shape>
     */
    private function marks(int $question, array $lines, float $row, float $size): array
    {
        $marks = array_filter($this->figure->marks, static fn (array $mark): bool => $mark['question'] === $question);

        return array_merge(...array_map(fn (array $mark): array => $this->mark($mark, $lines, $row, $size), array_values($marks)));
    }

    /**
     * @param  array{from: int, to: int, question: int}  $mark
     * @param  list<non-empty-list<array{int, float, string, float}>>  $lines
     * @return list<Shape>
     */
    private function mark(array $mark, array $lines, float $row, float $size): array
    {
        [, $colour, $dash] = self::MARKS[$mark['question'] % 3];
        $shapes = [];
        foreach ($lines as $number => $words) {
            $inside = self::inside($mark, $words);
            if ($inside === []) {
                continue;
            }
            [$first, $last] = [$inside[0], $inside[count($inside) - 1]];
            $y = $this->box->y + $number * $row + $row * 0.7 + $size * 0.24;
            $shapes[] = Shape::polyline([[$first[1], $y], [$last[1] + $last[3], $y]], Paint::outlined($colour, 6, 'none', $dash));
            // A bracket at either end: told apart from plain underlining, and from its neighbours.
            if ($number === self::lineOf($mark['from'], $lines)) {
                $shapes[] = Shape::polyline([[$first[1] - 3, $y - $size], [$first[1] - 3, $y]], Paint::outlined($colour, 3));
            }
            if ($number === self::lineOf($mark['to'], $lines)) {
                $x = $last[1] + $last[3] + 3;
                $shapes[] = Shape::polyline([[$x, $y - $size], [$x, $y]], Paint::outlined($colour, 3));
            }
        }

        return $shapes;
    }

    /**
     * @param  array{from: int, to: int, question: int}  $mark
     * @param  list<array{int, float, string, float}>  $line
     * @return list<array{int, float, string, float}>
     */
    private static function inside(array $mark, array $line): array
    {
        return array_values(array_filter(
            $line,
            static fn (array $word): bool => $word[0] >= $mark['from'] && $word[0] <= $mark['to'],
        ));
    }

    /** @param  list<non-empty-list<array{int, float, string, float}>>  $lines */
    private static function lineOf(int $word, array $lines): int
    {
        foreach ($lines as $number => $words) {
            if ($word <= $words[count($words) - 1][0]) {
                return $number;
            }
        }

        return -1;
    }

    /** @return array{list<Shape>, float} the shapes, and where the next one begins */
    private function question(int $number, string $text, float $top): array
    {
        [$tint, $colour, $dash] = self::MARKS[$number % 3];
        $set = $this->context->type->set(
            ($number + 1).". {$text}",
            $this->box->width - 60,
            new TextStyle(self::SMALLEST + 2, $colour, true, 0, 1.2),
        );
        $shapes = [
            Shape::rectangle(new Box($this->box->x + 4, $top + 4, 36, 28), Paint::filled($tint), 4),
            Shape::polyline([[$this->box->x + 6, $top + 28], [$this->box->x + 38, $top + 28]], Paint::outlined($colour, 6, 'none', $dash)),
            ...$set->shapes($this->box->x + self::NUMBER, $top),
        ];

        return [$shapes, $top + $set->height() + 8];
    }

    private function questionsHeight(): float
    {
        return array_sum(array_map(
            fn (string $text, int $number): float => $this->context->type->set(
                ($number + 1).". {$text}",
                $this->box->width - 60,
                new TextStyle(self::SMALLEST + 2, Paint::INK, true, 0, 1.2),
            )->height() + 8,
            $this->figure->questions,
            array_keys($this->figure->questions),
        ));
    }
}
