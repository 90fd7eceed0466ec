<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\Truth;

use Brick\Math\BigRational;
use Closure;
use Daybright\Lesson\Fields;
use Daybright\Maths\Claim\Claim;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Question\GivenAnswer;
use Daybright\Question\InvalidAnswer;
use Daybright\Question\Kinds\NumberWithUnit\TypedAnswer;
use Daybright\Question\KnowsRightAnswer;
use Daybright\Question\Marking;
use Daybright\Question\QuestionKind;

/** True or false, and for a false claim a counterexample, which is checked by computing. */
final readonly class Truth implements KnowsRightAnswer, QuestionKind
{
    /** @param  string  $holds the claim as it is computed, such as “n^2 > n”; empty where it is none of numbers */
    private function __construct(private bool $isTrue, private string $letter, private string $domain, private string $holds)
    {
    }

    public static function name(): string
    {
        return 'truth';
    }

    public static function from(Fields $content): self
    {
        return new self($content->flag('isTrue'), $content->text('letter', 'n'), $content->text('domain', ''), $content->text('holds', ''));
    }

    public function answer(): string
    {
        if ($this->isTrue) {
            return 'True';
        }
        $example = $this->example();

        return 'False'.($example === null ? '' : ', for example '.$this->letter.' = '.self::written($example));
    }

    public function rightAnswer(): string
    {
        $example = $this->isTrue ? null : $this->example();

        return GivenAnswer::written(
            ['verdict' => $this->isTrue ? 'true' : 'false'] + ($example === null ? [] : ['example' => self::written($example)]),
        );
    }

    public function asked(): array
    {
        return ['letter' => $this->claim() === null ? '' : $this->letter];
    }

    public function shown(): array
    {
        return ['True or false? '.($this->claim() === null ? '' : 'If it is false, give a counterexample.')];
    }

    public function mark(string $given, int $marks): Marking
    {
        $answer = GivenAnswer::map($given);
        $verdict = $answer['verdict'] ?? '';
        if (! in_array($verdict, ['true', 'false'], true)) {
            throw InvalidAnswer::noVerdict();
        }
        if (($verdict === 'true') !== $this->isTrue) {
            return Marking::wrong(
                $marks,
                $this->isTrue ? 'Not yet: no number breaks this claim.' : 'Not yet: there is a number that breaks this claim. Look for it.',
            );
        }
        $claim = $this->claim();
        if ($this->isTrue || $claim === null) {
            return Marking::right($marks);
        }

        return $this->markExample($claim, $answer['example'] ?? '', $marks);
    }

    public function readable(string $given): string
    {
        try {
            $answer = GivenAnswer::map($given);
        } catch (InvalidAnswer) {
            return $given;
        }
        $example = $answer['example'] ?? '';

        return ucfirst($answer['verdict'] ?? '').(
            $example === ''
            || ($answer['verdict'] ?? '') !== 'false' ? '' : ', '.$this->letter." = {$example}"
        );
    }

    public function unfinished(): ?string
    {
        if (trim($this->holds) === '') {
            return null;
        }
        try {
            $claim = Claim::about($this->letter, $this->domain, $this->holds);
        } catch (MathsError $error) {
            return 'The claim cannot be checked. '.$error->getMessage();
        }
        $example = $claim->counterexample();

        return match (true) {
            $this->isTrue
                && $example !== null => 'The claim is marked as true, but '.$this->letter.' = '.self::written($example).' breaks it.',
            ! $this->isTrue
                && $example === null => 'The claim is marked as false, but no counterexample was found among numbers up to 200. Check the claim and its domain.',
            default => null,
        };
    }

    /** What the claim is computed from stays as it is. */
    public function inWords(Closure $plain): self
    {
        return $this;
    }

    private function markExample(Claim $claim, string $written, int $marks): Marking
    {
        try {
            $number = TypedAnswer::read(
                (string) preg_replace('/^\s*'.preg_quote($this->letter, '/').'\s*=\s*/u', '', $written),
                Unit::none(),
            );
        } catch (MathsError) {
            throw InvalidAnswer::noExample();
        }
        // A percent is a number too: 50 % is 0.5.
        $value = $number->unit->isPercent() ? $number->base()->simplified() : $number->value;
        try {
            $sentence = match (true) {
                ! $claim->concerns($value) => 'False is right, but '
                    .self::written($value)
                    .' is not one of the numbers that the claim is about.',
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

    private function claim(): ?Claim
    {
        try {
            return trim($this->holds) === '' ? null : Claim::about($this->letter, $this->domain, $this->holds);
        } catch (MathsError) {
            return null;
        }
    }

    private function example(): ?BigRational
    {
        return $this->claim()?->counterexample();
    }

    private static function written(BigRational $value): string
    {
        return Quantity::of($value)->number();
    }
}
