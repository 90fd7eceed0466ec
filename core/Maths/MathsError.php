<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Daybright\Failure;
use DomainException;

/** Something in a sum that cannot be read or worked out; the message is a sentence for a teacher. */
final class MathsError extends DomainException implements Failure
{
    public static function failureCode(): string
    {
        return 'unreadable-maths';
    }

    private function __construct(string $message, public readonly ?int $position = null)
    {
        parent::__construct($message);
    }

    /** @param  int  $position character counted from 0 */
    public static function unexpected(string $found, int $position): self
    {
        $what = $found === '' ? 'The sum stops too early' : "“{$found}” does not fit here";

        return new self(sprintf('%s (character %d). Check the signs and brackets.', $what, $position + 1), $position);
    }

    public static function unknownName(string $name, ?int $position = null): self
    {
        return new self("“{$name}” has no value yet. Give its value first.", $position);
    }

    public static function unlikeUnits(Unit $left, Unit $right): self
    {
        return new self(sprintf(
            'These cannot be added or compared: %s is %s and %s is %s.',
            $left->written(), $left->kindInWords(), $right->written(), $right->kindInWords(),
        ));
    }

    public static function notLinear(string $written): self
    {
        return new self("“{$written}” is not an equation of a straight line. Write for example 2x + 3y = 12 or y = 2x − 1.");
    }

    public static function unknownFunction(string $name): self
    {
        return new self("“{$name}” needs something to work on: write it as {$name}(x).");
    }

    public static function degreesOrRadians(string $name): self
    {
        return new self(
            "This “{$name}” could be of degrees or of radians. Write {$name}(30°) for degrees, or the angle with π for radians.",
        );
    }

    public static function noCondition(string $written): self
    {
        return new self("“{$written}” cannot be checked. Write for example n > 2, n is even, n is prime or n² > 2n.");
    }

    public static function notRearranged(string $name): self
    {
        return new self(
            "The formula cannot be solved for “{$name}” step by step. Choose another formula, or one in which “{$name}” stands once.",
        );
    }

    public static function noValue(string $name): self
    {
        return new self("“{$name}” has no value there.");
    }

    public static function divisionByZero(): self
    {
        return new self('Nothing can be divided by zero.');
    }

    /** More figures than anything in class has, or a power that would have. */
    public static function tooLarge(): self
    {
        return new self('This is larger than can be worked out here. Use smaller numbers and powers.');
    }

    public static function tooLargeForPrime(): self
    {
        return new self('Whether so large a number is prime is not worked out here. Take one below a million million.');
    }

    public static function noRealRoot(string $name): self
    {
        return new self("With these values nothing comes out for “{$name}”: the number under the root is negative. Check the values.");
    }

    public static function tooDeep(): self
    {
        return new self('There are too many brackets within brackets. Write it in several lines.');
    }

    public static function ambiguousDivision(int $position): self
    {
        return new self(
            sprintf(
                'This can be read in two ways (character %d). Put a bracket round what is worked out first, as in (6 ÷ 2)(1 + 2) or 6 ÷ (2(1 + 2)).',
                $position + 1,
            ),
            $position,
        );
    }

    public static function ambiguousPercent(): self
    {
        return new self('Ten percent of what? Write 200 + 10% of 200, or 200 + 0.1.');
    }

    public static function noFactorial(): self
    {
        return new self('A factorial needs a whole number from 0 to 60, without a unit.');
    }

    public static function notARoot(): self
    {
        return new self('A negative number has no square root here.');
    }

    public static function notASquare(Unit $unit): self
    {
        return new self("{$unit->written()} is no square, so a square root of it has no unit.");
    }

    public static function notAPower(): self
    {
        return new self('A power must be a number without a unit, and its base must not be negative where it is a fraction.');
    }

    public static function unknownUnit(string $written, ?int $position = null): self
    {
        return new self("“{$written}” is not a unit this lesson knows. Use for example cm, m², litres or km/h.", $position);
    }
}
