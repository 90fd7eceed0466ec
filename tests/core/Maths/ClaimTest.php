<?php

declare(strict_types=1);

namespace Tests\Core\Maths;

use Brick\Math\BigRational;
use Daybright\Maths\Claim\Claim;
use Daybright\Maths\MathsError;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ClaimTest extends TestCase
{
    /** @return iterable<array{string, string, string|null}> domain, claim, first counterexample */
    public static function claims(): iterable
    {
        // Euler's n² + n + 41 is prime for n from 0 to 39 and fails at 40 (well known; from memory).
        yield ['n is whole and n >= 0', 'n^2 + n + 41 is prime', '40'];
        // 2 is the only even prime.
        yield ['n is prime', 'n is odd', '2'];
        yield ['n is a multiple of 4', 'n is even', null];
        yield ['n > 0', 'n² ≥ n', '1/2'];
        yield ['', 'n + n = 2n', null];
        yield ['n is odd', 'n is not a multiple of 2', null];
        yield ['n is a square number, n > 1', 'n is divisible by 4', '9'];
        yield ['n ≠ 0', '1/n < 5', '1/5'];
    }

    #[DataProvider('claims')]
    public function test_the_nearest_counterexample_is_found_by_computing(string $domain, string $holds, ?string $first): void
    {
        $example = Claim::about('n', $domain, $holds)->counterexample();
        self::assertSame($first, $example === null ? null : (string) $example->simplified());
    }

    public function test_a_number_outside_the_domain_breaks_nothing(): void
    {
        $claim = Claim::about('x', 'x is whole and x > 10', 'x is even');
        self::assertTrue($claim->isBrokenBy(BigRational::of(11)));
        self::assertFalse($claim->isBrokenBy(BigRational::of(9)));
        self::assertFalse($claim->concerns(BigRational::of('21/2')));
    }

    public function test_what_cannot_be_checked_is_said(): void
    {
        $this->expectException(MathsError::class);
        Claim::about('n', 'n is lucky', 'n > 1');
    }
}
