<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\NumberWithUnit;

use Brick\Math\BigRational;
use Closure;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;
use Daybright\Question\TypesNumber;

/**
 * Type a number with its unit. An answer in another unit of the same kind is right too: 2.4 m for 240 cm.
 *
 * With the unit missing or of another kind, a question of two marks or more still earns one less than all.
 */
final readonly class NumberWithUnit implements KnowsRightAnswer, QuestionKind, TypesNumber
{
    /** @param  list<Slip>  $slips */
    private function __construct(
        private string $prompt,
        private string $value,
        private string $unit,
        private string $tolerance,
        private array $slips,
    ) {
    }

    public static function name(): string
    {
        return 'number';
    }

    /** @param  string  $tolerance how far a typed number may be off; empty for not at all */
    public static function asking(string $prompt, Quantity $answer, string $tolerance): self
    {
        return new self($prompt, $answer->typedNumber(), $answer->unit->symbol(), $tolerance, []);
    }

    public static function from(Fields $content): self
    {
        return new self(
            $content->text('prompt', ''),
            $content->text('value', ''),
            $content->text('unit', ''),
            $content->text('tolerance', ''),
            array_map(Slip::from(...), $content->list('slips')),
        );
    }

    public function answer(): string
    {
        try {
            return $this->expected()->written();
        } catch (MathsError) {
            return trim($this->value.' '.$this->unit);
        }
    }

    public function rightAnswer(): string
    {
        return trim($this->value.' '.$this->unit);
    }

    public function tolerance(): string
    {
        return is_numeric(trim($this->tolerance)) ? trim($this->tolerance) : '';
    }

    public function asked(): array
    {
        return [];
    }

    public function shown(): array
    {
        return [];
    }

    public function mark(string $given, int $marks): Marking
    {
        $expected = $this->expected();
        try {
            $answer = TypedAnswer::read($given, $expected->unit);
            if (! $this->isExactForm()) {
                TypedAnswer::refuseWorking($given, $expected->unit);
            }
        } catch (MathsError) {
            throw InvalidAnswer::notANumber();
        }
        $asked = AskedForm::askedBy($this->prompt, $expected);
        if ($answer->unit->isNone() && $asked->namesUnit()) {
            $answer = new Quantity($answer->value, $expected->unit, $answer->exact);
        }
        if ($answer->unit->measuresLike($expected->unit)) {
            $asked->refuseOther($given, $answer);
        }
        // “25” for 25 % has lost its sign; “0.25” is the same share.
        $isPlainPercent = $expected->unit->isPercent() && $answer->unit->isNone() && $this->near($answer->value, $expected->value);
        $isLike = $expected->unit->measuresLike($answer->unit) && ! $isPlainPercent;
        if (! $this->near($isLike ? $answer->in($expected->unit)->value : $answer->value, $expected->value)) {
            $slip = $this->slip($answer);

            return match (true) {
                $slip !== null => Marking::slipped($marks, $slip),
                $isLike => Marking::wrong($marks, 'Not yet. Look at the answer and compare.'),
                default => Marking::wrong($marks, 'Not yet. Look at the number and the unit.'),
            };
        }
        if ($isLike) {
            return Marking::right($marks);
        }
        if ($answer->unit->isNone()) {
            return Marking::partly(max(0, $marks - 1), $marks, 'The number is right. Its unit is missing.');
        }

        return Marking::partly(max(0, $marks - 1), $marks, 'The number is right. Its unit is not.')->because($this->slip($answer) ?? '');
    }

    public function readable(string $given): string
    {
        try {
            return TypedAnswer::read($given, $this->expected()->unit)->written();
        } catch (MathsError) {
            return $given;
        }
    }

    public function unfinished(): ?string
    {
        try {
            $this->expected();
            $this->off();

            return null;
        } catch (MathsError $error) {
            return 'The answer of this question cannot be read. '.$error->getMessage();
        }
    }

    /** The number is computed with and stays as it is. */
    public function inWords(Closure $plain): self
    {
        return new self(
            $plain($this->prompt),
            $this->value,
            $this->unit,
            $this->tolerance,
            array_map(static fn (Slip $slip): Slip => $slip->inWords($plain), $this->slips),
        );
    }

    /** “25π” and “5√2” are answers where the teacher's own is written so. */
    private function isExactForm(): bool
    {
        return preg_match('/π|√|\bpi\b/u', $this->value) === 1;
    }

    /** What went wrong, where the answer is one that a known slip gives; a missing unit does not hide it. */
    private function slip(Quantity $answer): ?string
    {
        foreach ($this->slips as $slip) {
            if ($slip->gives($answer)) {
                return $slip->why;
            }
        }

        return null;
    }

    /** @throws MathsError */
    private function expected(): Quantity
    {
        $unit = Units::orThings($this->unit);
        $value = Quantity::read($this->value);

        return Quantity::of($value->value, $value->unit->isNone() ? $unit : $value->unit);
    }

    private function near(BigRational $given, BigRational $expected): bool
    {
        return $given->minus($expected)->abs()->isLessThanOrEqualTo($this->off());
    }

    /** @throws MathsError */
    private function off(): BigRational
    {
        $written = trim($this->tolerance);

        return $written === '' ? BigRational::zero() : Quantity::read($written)->value->abs();
    }
}
