<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Truth;

use Brick\Math\BigRational;
use Daybright\Lesson\Fields;
use Daybright\Maths\Claim\Claim;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Kinds\NumberWithUnit\TypedAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;

/** True or false, and for a false claim a counterexample, which is checked by computing. */
final readonly class Truth implements QuestionKind
{
    public function name(): string
    {
        return 'truth';
    }

    public function answer(Fields $content): string
    {
        if ($content->flag('isTrue')) {
            return 'True';
        }
        $example = $this->example($content);

        return 'False'.($example === null ? '' : ', for example '.$content->text('letter', 'n').' = '.self::written($example));
    }

    public function asked(Fields $content): array
    {
        return ['letter' => $this->claim($content) === null ? '' : $content->text('letter', 'n')];
    }

    public function shown(Fields $content): array
    {
        return ['True or false? '.($this->claim($content) === null ? '' : 'If it is false, give a counterexample.')];
    }

    public function mark(Fields $content, string $given): Marking
    {
        $answer = GivenAnswer::map($given);
        $verdict = $answer['verdict'] ?? '';
        if (! in_array($verdict, ['true', 'false'], true)) {
            throw InvalidAnswer::noVerdict();
        }
        $marks = $content->whole('marks', 1);
        $isTrue = $content->flag('isTrue');
        if (($verdict === 'true') !== $isTrue) {
            return Marking::wrong($marks, $isTrue ? 'Not yet: no number breaks this claim.' : 'Not yet: there is a number that breaks this claim. Look for it.');
        }
        $claim = $this->claim($content);
        if ($isTrue || $claim === null) {
            return Marking::right($marks);
        }

        return $this->markExample($claim, $answer['example'] ?? '', $marks, $content->text('letter', 'n'));
    }

    public function readable(Fields $content, string $given): string
    {
        try {
            $answer = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }
        $example = $answer['example'] ?? '';

        return ucfirst($answer['verdict'] ?? '').($example === '' || ($answer['verdict'] ?? '') !== 'false' ? '' : ', '.$content->text('letter', 'n')." = {$example}");
    }

    public function unfinished(Fields $content): ?string
    {
        if (trim($content->text('holds', '')) === '') {
            return null;
        }
        try {
            $claim = Claim::about($content->text('letter', 'n'), $content->text('domain', ''), $content->text('holds', ''));
        } catch (MathsError $error) {
            return 'The claim cannot be checked. '.$error->getMessage();
        }
        $example = $claim->counterexample();

        return match (true) {
            $content->flag('isTrue') && $example !== null => 'The claim is marked as true, but '.$content->text('letter', 'n').' = '.self::written($example).' breaks it.',
            ! $content->flag('isTrue') && $example === null => 'The claim is marked as false, but no counterexample was found among numbers up to 200. Check the claim and its domain.',
            default => null,
        };
    }

    private function markExample(Claim $claim, string $written, int $marks, string $letter): Marking
    {
        try {
            $number = TypedAnswer::read((string) preg_replace('/^\s*'.preg_quote($letter, '/').'\s*=\s*/u', '', $written), Unit::none());
        } catch (MathsError) {
            throw InvalidAnswer::noExample();
        }
        // A percent is a number too: 50 % is 0.5.
        $value = $number->unit->isPercent() ? $number->base()->simplified() : $number->value;
        try {
            $sentence = match (true) {
                ! $claim->concerns($value) => 'False is right, but '.self::written($value).' is not one of the numbers that the claim is about.',
                ! $claim->isBrokenBy($value) => 'False is right, but for '.self::written($value).' the claim holds.',
                default => '',
            };
        } catch (MathsError) {
            $sentence = 'False is right, but with '.self::written($value).' the claim says nothing.';
        }
        if ($sentence === '') {
            return Marking::right($marks);
        }

        return $marks > 1 ? Marking::partly($marks - 1, $marks, $sentence) : Marking::wrong($marks, $sentence);
    }

    private function claim(Fields $content): ?Claim
    {
        try {
            return trim($content->text('holds', '')) === '' ? null : Claim::about($content->text('letter', 'n'), $content->text('domain', ''), $content->text('holds', ''));
        } catch (MathsError) {
            return null;
        }
    }

    private function example(Fields $content): ?BigRational
    {
        return $this->claim($content)?->counterexample();
    }

    private static function written(BigRational $value): string
    {
        return Quantity::of($value)->number();
    }
}
