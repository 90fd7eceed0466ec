<?php

declare(strict_types=1);

namespace Daybright\Maths\Claim;

use Brick\Math\BigRational;
use Daybright\Maths\MathsError;

/** “For every number of a domain something holds”: whether a number breaks it is worked out, not looked up. */
final readonly class Claim
{
    private function __construct(private Condition $domain, private Condition $holds)
    {
    }

    /** @throws MathsError */
    public static function about(string $letter, string $domain, string $holds): self
    {
        if (preg_match('/^\p{L}$/u', $letter) !== 1) {
            throw MathsError::noCondition($letter);
        }

        return new self(Condition::read($domain, $letter), Condition::read($holds, $letter));
    }

    public function concerns(BigRational $number): bool
    {
        return $this->domain->holdsFor($number);
    }

    /** Inside the domain, and the claim does not hold for it. */
    public function isBrokenBy(BigRational $number): bool
    {
        return $this->concerns($number) && ! $this->holds->holdsFor($number);
    }

    /** The counterexample nearest to zero among whole numbers and simple fractions; null when none is found. */
    public function counterexample(): ?BigRational
    {
        foreach ([1, 2, 4, 3, 5, 10] as $bottom) {
            for ($top = 0; $top <= 200; $top++) {
                foreach ($top === 0 ? [0] : [$top, -$top] as $signed) {
                    $number = BigRational::nd($signed, $bottom)->simplified();
                    try {
                        if ($this->isBrokenBy($number)) {
                            return $number;
                        }
                    } catch (MathsError) {
                        // A number for which a side has no value breaks nothing.
                        continue;
                    }
                }
            }
        }

        return null;
    }
}
