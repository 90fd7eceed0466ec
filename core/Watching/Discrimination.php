<?php

declare(strict_types=1);

namespace Daybright\Watching;

/** Whether a question tells students who did well on the others from those who did not. */
final readonly class Discrimination
{
    /** Fewer students say nothing about a question. */
    public const FEWEST = 8;

    /** Below it an item is poor, and from the second on good (Ebel, Essentials of Educational Measurement, from memory). */
    private const POOR = 0.2;

    private const GOOD = 0.4;

    private function __construct(public float $coefficient)
    {
    }

    /**
     * The correlation of the marks of an item with those of all others; for an item of one mark that is the point-biserial correlation.
     *
     * @param  list<array{float, float}>  $pairs share of the marks of the item and share of those of the others, of each student
     * @return self|null null where too few answered, or where all earned the same
     */
    public static function between(array $pairs): ?self
    {
        $coefficient = count($pairs) < self::FEWEST ? null : self::correlation($pairs);

        return $coefficient === null ? null : new self($coefficient);
    }

    /**
     * Pearson’s r.
     *
     * @param  list<array{float, float}>  $pairs
     * @return float|null −1 to 1; null where one side does not vary
     */
    public static function correlation(array $pairs): ?float
    {
        $count = count($pairs);
        if ($count < 2) {
            return null;
        }
        $mean = static fn (int $side): float => array_sum(array_column($pairs, $side)) / $count;
        [$itemMean, $restMean] = [$mean(0), $mean(1)];
        $both = $items = $rests = 0.0;
        foreach ($pairs as [$item, $rest]) {
            $both += ($item - $itemMean) * ($rest - $restMean);
            $items += ($item - $itemMean) ** 2;
            $rests += ($rest - $restMean) ** 2;
        }
        $spread = sqrt($items * $rests);

        return $spread < 1e-12 ? null : $both / $spread;
    }

    public function sentence(): string
    {
        return match (true) {
            $this->coefficient < 0 => 'Students who did well elsewhere got this wrong more often than others. Look at its wording and its answer.',
            $this->coefficient < self::POOR => 'This question does not tell strong from weak.',
            $this->coefficient < self::GOOD => 'This question tells strong from weak a little.',
            default => 'This question tells strong from weak.',
        };
    }
}
