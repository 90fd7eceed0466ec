<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Practice;

use Closure;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Kinds\NumberWithUnit\NumberWithUnit;
use Daybright\Question\Kinds\NumberWithUnit\TypedAnswer;
use Daybright\Question\Marking;
use Daybright\Question\Practised;
use Daybright\Question\PractisedToGoal;
use Daybright\Question\PractiseGoal;
use Daybright\Question\QuestionKind;
use Daybright\Question\Share;
use Daybright\Worked\PracticeSet;

/** A practice set at three levels: the student chooses a level and answers its items. */
final class Practice implements PractisedToGoal, QuestionKind
{
    private PracticeSet|InvalidQuantities|null $set = null;

    private ?string $answer = null;

    private function __construct(private readonly Fields $content)
    {
    }

    public static function name(): string
    {
        return 'practice';
    }

    public static function from(Fields $content): self
    {
        return new self($content);
    }

    public function answer(): string
    {
        // Practised to a goal, each item is told its answer when it is given.
        return $this->answer ??= $this->goal() === null ? $this->answers() : 'Each answer was checked as it came.';
    }

    private function answers(): string
    {
        $levels = [];
        foreach (PracticeSet::LEVELS as $level) {
            $answers = array_map(static fn (Variation $item): string => Variation::written($item->answer), $this->items($level));
            $levels[] = "Level {$level}: ".implode(', ', $answers);
        }

        return implode('; ', $levels);
    }

    public function asked(): array
    {
        return ['goal' => $this->goal()?->toArray(), 'levels' => array_map(fn (int $level): array => [
            'level' => (string) $level,
            'items' => array_map(
                static fn (Variation $item, int $number): array => [
                    'id' => 'q'.($number + 1),
                    'text' => $item->prompt,
                    'choices' => self::choices($item),
                ],
                $this->items($level),
                array_keys($this->items($level)),
            ),
        ], PracticeSet::LEVELS)];
    }

    public function shown(): array
    {
        $goal = $this->goal();

        return [match (true) {
            $goal?->inARow !== null => "Choose level 1, 2 or 3, and practise until {$goal->inARow} in a row are right.",
            $goal?->minutes === 1 => 'Choose level 1, 2 or 3, and practise for a minute.',
            $goal?->minutes !== null => "Choose level 1, 2 or 3, and practise for {$goal->minutes} minutes.",
            default => 'Choose level 1, 2 or 3, and answer its '.count($this->items(1)).' questions.',
        }];
    }

    public function mark(string $given, int $marks): Marking
    {
        $answers = GivenAnswer::map($given);
        $level = (int) ($answers['level'] ?? 0);
        if (! in_array($level, PracticeSet::LEVELS, true)) {
            throw InvalidAnswer::noLevel();
        }
        if ($this->goal() !== null) {
            return self::practised($this->goal(), Practised::read($answers), $marks);
        }
        $items = $this->items($level);
        $wrong = $slips = [];
        foreach ($items as $number => $item) {
            $answer = $answers['q'.($number + 1)] ?? '';
            if ($answer === '') {
                throw InvalidAnswer::notAllAnswered();
            }
            $marking = self::marked($item, $answer, $number + 1);
            if ($marking->isRight() !== true) {
                $slip = self::slip($item, $answer);
                $said = $slip ?? (str_starts_with(
                    $marking->sentence,
                    'The number is right',
                ) ? rtrim(lcfirst($marking->sentence), '.') : null);
                $wrong[] = ($number + 1).($said === null ? '' : ': '.$said);
                $slips[] = (string) $slip;
            }
        }
        $right = count($items) - count($wrong);

        return Share::award(
            $right,
            count($items),
            $marks,
            "{$right} of ".count($items).' are right. Look again at '.implode('; ', $wrong).'.',
        )->because(implode('; ', array_unique(array_filter($slips))));
    }

    public function readable(string $given): string
    {
        try {
            $answers = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }
        $level = $answers['level'] ?? '–';
        if ($this->goal() !== null) {
            return sprintf('Level %s: %s of %s right, %s in a row at the end', $level, $answers['right'] ?? 0, $answers['asked'] ?? 0, $answers['inARow'] ?? 0);
        }
        unset($answers['level']);
        ksort($answers, SORT_NATURAL);

        return "Level {$level}: ".implode(
            ', ',
            array_map(static fn (string $answer): string => str_replace(' ', "\u{00A0}", $answer), $answers),
        );
    }

    public function goal(): ?PractiseGoal
    {
        return $this->content->has('goal') ? PractiseGoal::from($this->content->fields('goal')) : null;
    }

    public function markItem(Variation $item, string $given): Marking
    {
        if (trim($given) === '') {
            throw InvalidAnswer::blank();
        }
        $marking = self::marked($item, $given, 1);
        $slip = $marking->isRight() === true ? null : self::slip($item, $given);

        return $slip === null ? $marking : Marking::wrong(1, ucfirst($slip).'.');
    }

    /** Who stops before the goal earns the share of what was right. */
    private static function practised(PractiseGoal $goal, Practised $practised, int $marks): Marking
    {
        if ($practised->asked === 0) {
            throw InvalidAnswer::notAllAnswered();
        }
        if ($goal->isMet($practised)) {
            return Marking::right($marks);
        }

        return Share::award(
            min($practised->right, $practised->asked - 1),
            $practised->asked,
            $marks,
            "You stopped before the goal, with {$practised->right} of {$practised->asked} right.",
        );
    }

    public function another(int $seed, int $level): ?Variation
    {
        try {
            return PracticeSet::from(new Fields(['seed' => $seed, 'count' => 1] + $this->content->raw()))->items($level)[0] ?? null;
        } catch (InvalidQuantities) {
            return null;
        }
    }

    public function unfinished(): ?string
    {
        try {
            $this->set()->items(1);

            return null;
        } catch (InvalidQuantities $error) {
            return 'The practice set cannot be made. '.$error->getMessage();
        }
    }

    /** Its items are made from numbers and are plain words already. */
    public function inWords(Closure $plain): self
    {
        return $this;
    }

    /**
     * Made when it is first needed, and then no more: many ask only for the marks.
     *
     * @throws InvalidQuantities
     */
    private function set(): PracticeSet
    {
        try {
            $this->set ??= PracticeSet::from($this->content);
        } catch (InvalidQuantities $error) {
            $this->set = $error;
        }

        return $this->set instanceof PracticeSet ? $this->set : throw $this->set;
    }

    public function items(int $level): array
    {
        try {
            return $this->set()->items($level);
        } catch (InvalidQuantities) {
            return [];
        }
    }

    /**
     * Words are chosen among the answer and those of common slips; numbers are typed.
     *
     * @return list<string>
     */
    private static function choices(Variation $item): array
    {
        return $item->answer instanceof Quantity ? [] : $item->choices();
    }

    /** @throws InvalidAnswer with the number of the question that is to be put right first */
    private static function marked(Variation $item, string $given, int $number): Marking
    {
        if (! $item->answer instanceof Quantity) {
            return trim($given) === $item->answer ? Marking::right(1) : Marking::wrong(1, 'Not yet.');
        }
        try {
            return NumberWithUnit::asking($item->prompt, $item->answer, $item->tolerance)->mark($given, 1);
        } catch (InvalidAnswer $trouble) {
            throw InvalidAnswer::inQuestion($number, $trouble);
        }
    }

    /** The slip behind a wrong answer, where it is a known one. */
    private static function slip(Variation $item, string $given): ?string
    {
        foreach ($item->slips as $why => $slip) {
            try {
                $isIt = $slip instanceof Quantity ? TypedAnswer::read($given, $slip->unit)->equals($slip) : $slip === trim($given);
            } catch (MathsError) {
                $isIt = false;
            }
            if ($isIt) {
                return rtrim($why, '.');
            }
        }

        return null;
    }
}
