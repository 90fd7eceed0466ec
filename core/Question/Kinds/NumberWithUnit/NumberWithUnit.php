<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\NumberWithUnit;

use Brick\Math\BigRational;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;

/**
 * Type a number with its unit. An answer in another unit of the same kind is right too: 2.4 m for 240 cm.
 *
 * With the unit missing or of another kind, a question of two marks or more still earns one less than all.
 */
final readonly class NumberWithUnit implements QuestionKind
{
    public function name(): string
    {
        return 'number';
    }

    public function answer(Fields $content): string
    {
        try {
            return $this->expected($content)->written();
        } catch (MathsError) {
            return trim($content->text('value', '').' '.$content->text('unit', ''));
        }
    }

    public function asked(Fields $content): array
    {
        return [];
    }

    public function shown(Fields $content): array
    {
        return [];
    }

    public function mark(Fields $content, string $given): Marking
    {
        $expected = $this->expected($content);
        try {
            $answer = TypedAnswer::read($given, $expected->unit);
            if (! $this->isExactForm($content)) {
                TypedAnswer::refuseWorking($given, $expected->unit);
            }
        } catch (MathsError) {
            throw InvalidAnswer::notANumber();
        }
        $asked = AskedForm::of($content->text('prompt', ''), $expected);
        if ($answer->unit->isNone() && $asked->namesUnit()) {
            $answer = new Quantity($answer->value, $expected->unit, $answer->exact);
        }
        if ($answer->unit->measuresLike($expected->unit)) {
            $asked->refuseOther($given, $answer);
        }
        $marks = $content->whole('marks', 1);
        // “25” for 25 % has lost its sign; “0.25” is the same share.
        $isPlainPercent = $expected->unit->isPercent() && $answer->unit->isNone() && $this->near($answer->value, $expected->value, $content);
        $isLike = $expected->unit->measuresLike($answer->unit) && ! $isPlainPercent;
        if (! $this->near($isLike ? $answer->in($expected->unit)->value : $answer->value, $expected->value, $content)) {
            $slip = $this->slip($content, $answer);

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

        return Marking::partly(max(0, $marks - 1), $marks, 'The number is right. Its unit is not.')->because($this->slip($content, $answer) ?? '');
    }

    public function readable(Fields $content, string $given): string
    {
        try {
            return TypedAnswer::read($given, $this->expected($content)->unit)->written();
        } catch (MathsError) {
            return $given;
        }
    }

    public function unfinished(Fields $content): ?string
    {
        try {
            $this->expected($content);
            $this->tolerance($content);

            return null;
        } catch (MathsError $error) {
            return 'The answer of this question cannot be read. '.$error->getMessage();
        }
    }

    /** “25π” and “5√2” are answers where the teacher's own is written so. */
    private function isExactForm(Fields $content): bool
    {
        return preg_match('/π|√|\bpi\b/u', $content->text('value', '')) === 1;
    }

    /** What went wrong, where the answer is one that a known slip gives; a missing unit does not hide it. */
    private function slip(Fields $content, Quantity $answer): ?string
    {
        foreach ($content->list('slips') as $slip) {
            try {
                $known = Quantity::of(Quantity::read($slip->text('value'))->value, Units::orThings($slip->text('unit', '')));
            } catch (MathsError) {
                continue;
            }
            if ($known->equals($answer) || ($answer->unit->isNone() && $known->value->isEqualTo($answer->value))) {
                return $slip->text('why');
            }
        }

        return null;
    }

    /** @throws MathsError */
    private function expected(Fields $content): Quantity
    {
        $unit = Units::orThings($content->text('unit', ''));
        $value = Quantity::read($content->text('value', ''));

        return Quantity::of($value->value, $value->unit->isNone() ? $unit : $value->unit);
    }

    private function near(BigRational $given, BigRational $expected, Fields $content): bool
    {
        return $given->minus($expected)->abs()->isLessThanOrEqualTo($this->tolerance($content));
    }

    /** @throws MathsError */
    private function tolerance(Fields $content): BigRational
    {
        $written = trim($content->text('tolerance', ''));

        return $written === '' ? BigRational::zero() : Quantity::read($written)->value->abs();
    }
}
