<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** The numbers of a practice item: drawn by chance, the same ones for the same seed and level. */
final readonly class Chance
{
    private function __construct(private Randomizer $random)
    {
    }

    /** @throws InvalidQuantities */
    public static function seeded(int $seed, int $level): self
    {
        if ($level < 1 || $level > 3) {
            throw InvalidQuantities::because('Practice has three levels: 1, 2 and 3.', 'level');
        }

        return new self(new Randomizer(new Xoshiro256StarStar($seed * 10 + $level)));
    }

    public function whole(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    public function one(array $choices): mixed
    {
        return $choices[$this->random->getInt(0, count($choices) - 1)];
    }

    /**
     * @template T
     *
     * @param  list<T>  $things
     * @return list<T>
     */
    public function shuffled(array $things): array
    {
        return $this->random->shuffleArray($things);
    }
}
