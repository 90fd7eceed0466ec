<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Label;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;
use Daybright\Question\ShowsPictures;

/**
 * Name the numbered parts of a picture, with the names given or from memory. Other right names stand behind a stroke: “dial / dial
 * plate”.
 */
final readonly class Label implements KnowsRightAnswer, QuestionKind, ShowsPictures
{
    /** @param  list<Point>  $points */
    private function __construct(private string $picture, private array $points, private bool $givesNames)
    {
    }

    public static function name(): string
    {
        return 'label';
    }

    public static function from(Fields $content): self
    {
        return new self($content->text('picture', ''), array_map(Point::from(...), $content->list('points')), $content->flag('bank', true));
    }

    public function answer(): string
    {
        return self::listed(array_map(static fn (Point $point): string => $point->name, $this->points));
    }

    public function rightAnswer(): string
    {
        return GivenAnswer::written(array_combine(
            array_map(static fn (Point $point): string => $point->id, $this->points),
            array_map(self::firstName(...), $this->points),
        ));
    }

    public function asked(): array
    {
        $names = array_map(self::firstName(...), $this->points);
        sort($names);

        return [
            'picture' => $this->picture,
            'points' => array_map(
                static fn (Point $point): array => ['id' => $point->id, 'x' => $point->x, 'y' => $point->y],
                $this->points,
            ),
            'names' => $this->givesNames ? $names : [],
        ];
    }

    public function shown(): array
    {
        $names = $this->asked()['names'];

        return is_array($names) && $names !== [] ? [implode(' · ', array_filter($names, is_string(...)))] : [];
    }

    public function mark(string $given, int $marks): Marking
    {
        $names = GivenAnswer::map($given);
        $wrong = [];
        foreach ($this->points as $number => $point) {
            $name = $names[$point->id] ?? '';
            if ($name === '') {
                throw InvalidAnswer::notAllNamed();
            }
            if (! in_array(self::folded($name), array_map(self::folded(...), explode('/', $point->name)), true)) {
                $wrong[] = (string) ($number + 1);
            }
        }
        $right = count($this->points) - count($wrong);

        return Share::award(
            $right,
            count($this->points),
            $marks,
            "{$right} of ".count($this->points).' are right. Look again at part '.implode(', ', $wrong).'.',
        );
    }

    public function readable(string $given): string
    {
        try {
            $names = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }

        return self::listed(array_map(static fn (Point $point): string => $names[$point->id] ?? '–', $this->points));
    }

    public function unfinished(): ?string
    {
        return match (true) {
            $this->picture === '' => 'This question has no picture yet. Choose one.',
            $this->points === [] => 'No part of the picture is marked yet. Click the picture where a part is.',
            array_filter(
                $this->points,
                static fn (Point $point): bool => trim($point->name) === '',
            ) !== [] => 'A part of the picture has no name yet.',
            default => null,
        };
    }

    public function media(): array
    {
        return [$this->picture];
    }

    public function inWords(Closure $plain): self
    {
        return new self(
            $this->picture,
            array_map(static fn (Point $point): Point => $point->inWords($plain), $this->points),
            $this->givesNames,
        );
    }

    /** Of the names that a part goes by. */
    private static function firstName(Point $point): string
    {
        return trim(explode('/', $point->name)[0]);
    }

    /** @param  list<string>  $names */
    private static function listed(array $names): string
    {
        return implode(
            ', ',
            array_map(static fn (string $name, int $number): string => ($number + 1).' '.trim($name), $names, array_keys($names)),
        );
    }

    /** Spelling counts, capitals, quotation marks and “the” do not. */
    private static function folded(string $name): string
    {
        return (string) preg_replace(
            ['/^(the|an?) /u', '/[\s-]+/u'],
            ['', ' '],
            mb_strtolower(trim((string) preg_replace('/[“”"‘’\']/u', '', $name), " .\t\n")),
        );
    }
}
