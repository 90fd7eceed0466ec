<?php

declare(strict_types=1);

namespace Daybright\Figure\PolarGraph;

use Daybright\Figure\InvalidQuantities;
use Daybright\Maths\Expression\Expression;
use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;

/** r as a function of θ; angles go in and come out in degrees. */
final readonly class PolarCurve
{
    private const PIECES = 720;

    /** @var list<float> angles in degrees from 0 up to 360, where r is 0 */
    public array $zeros;

    private function __construct(public string $written, private Expression $expression)
    {
        $this->zeros = $this->findZeros();
    }

    /** @throws InvalidQuantities */
    public static function read(string $written): self
    {
        $formula = trim((string) preg_replace(['/^\s*r\s*=\s*/', '/theta/i', '/\bt\b/', '/(?<=\d)t\b/'], ['', 'θ', 'θ', 'θ'], $written));
        try {
            $expression = Parser::readWith($formula, ['θ']);
            $values = array_map(static fn (int $degrees): float => $expression->value(['θ' => deg2rad($degrees)]), range(0, 350, 10));
        } catch (MathsError $error) {
            throw InvalidQuantities::because("“{$written}” cannot be read as a formula in θ. {$error->getMessage()}", 'radius');
        }
        $finite = array_filter($values, is_finite(...));
        if (count($finite) < 12 || max(array_map(abs(...), $finite)) < 1e-9) {
            throw InvalidQuantities::because(
                "“{$written}” gives no curve: r has too few values between 0° and 360°. Check the formula.",
                'radius',
            );
        }

        return new self(strtr($formula, ['-' => '−', '*' => '×']), $expression);
    }

    public function at(float $degrees): float
    {
        $value = $this->expression->value(['θ' => deg2rad($degrees)]);

        return abs($value) < 1e-12 ? 0.0 : $value;
    }

    /**
     * The point in the plane, y upwards; null where r has no value.
     *
     * @return array{float, float}|null
     */
    public function point(float $degrees): ?array
    {
        $r = $this->at($degrees);

        return is_finite($r) ? [$r * cos(deg2rad($degrees)), $r * sin(deg2rad($degrees))] : null;
    }

    public function largest(): float
    {
        $most = 0.0;
        for ($degrees = 0.0; $degrees <= 360; $degrees += 0.5) {
            $r = abs($this->at($degrees));
            $most = is_finite($r) ? max($most, $r) : $most;
        }

        return $most;
    }

    /** @return list<float> */
    private function findZeros(): array
    {
        $zeros = [];
        $step = 360 / self::PIECES;
        for ($piece = 0; $piece < self::PIECES; $piece++) {
            [$from, $to] = [$piece * $step, ($piece + 1) * $step];
            [$start, $end] = [$this->at($from), $this->at($to)];
            if (abs($start) < 1e-9) {
                $zeros[] = $from;
            } elseif ($start * $end < 0 && abs($end) >= 1e-9 && abs($end - $start) < 1e3) {
                $zeros[] = $this->halved($from, $to);
            }
        }

        return $zeros;
    }

    /**
     * Where r has a sign.
     *
     * @return list<array{float, float}> from and to, in degrees
     */
    public function stretches(int $sign): array
    {
        $ends = array_values(array_unique([0.0, ...$this->zeros, 360.0]));
        $stretches = [];
        for ($number = 1; $number < count($ends); $number++) {
            if ($this->at(($ends[$number - 1] + $ends[$number]) / 2) * $sign > 0) {
                $stretches[] = [$ends[$number - 1], $ends[$number]];
            }
        }

        return $stretches;
    }

    /** ½ ∫ r² dθ over the angles where r has that sign, by Simpson's rule. */
    public function area(int $sign): float
    {
        $area = 0.0;
        foreach ($this->stretches($sign) as [$from, $to]) {
            $pieces = 400;
            $width = ($to - $from) / $pieces;
            $sum = 0.0;
            for ($piece = 0; $piece <= $pieces; $piece++) {
                $weight = $piece === 0 || $piece === $pieces ? 1 : ($piece % 2 === 1 ? 4 : 2);
                $sum += $weight * $this->at($from + $piece * $width) ** 2;
            }
            $area += $sum * deg2rad($width) / 3 / 2;
        }

        return $area;
    }

    /** Each test holds when the turned or mirrored point is on the curve under either of its names, (r, θ) or (−r, θ + 180°). */
    public function symmetry(): string
    {
        $found = [];
        foreach ([
            'about the polar axis' => [-1, 0],
            'about the line θ = 90°' => [-1, 180],
            'about the pole' => [1, 180],
        ] as $name => [$turn, $shift]) {
            $isDirect = $isOther = true;
            for ($degrees = 0; $degrees < 360; $degrees += 7) {
                [$r, $image] = [$this->at($degrees), $this->at($turn * $degrees + $shift)];
                $isDirect = $isDirect && abs($r - $image) < 1e-9 * max(1.0, abs($r));
                $other = $this->at($turn * $degrees + $shift + 180);
                $isOther = $isOther && abs($r + $other) < 1e-9 * max(1.0, abs($r));
            }
            if ($isDirect || $isOther) {
                $found[] = $name;
            }
        }

        return $found === [] ? 'none' : implode(', ', $found);
    }

    private function halved(float $low, float $high): float
    {
        $sign = $this->at($low);
        for ($turn = 0; $turn < 50; $turn++) {
            $middle = ($low + $high) / 2;
            if ($sign * $this->at($middle) <= 0) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
