<?php

declare(strict_types=1);

namespace Daybright\Question;

/** How far a student has come with practising. */
final readonly class Practised
{
    /**
     * @param  int  $level 1 to 3
     * @param  int  $asked items that were answered
     * @param  int  $right of them
     * @param  int  $inARow right ones since the last wrong one
     * @param  int  $seconds since it began
     */
    public function __construct(
        public int $level,
        public int $asked = 0,
        public int $right = 0,
        public int $inARow = 0,
        public int $seconds = 0,
    ) {
    }

    public function with(bool $isRight, int $seconds): self
    {
        return new self($this->level, $this->asked + 1, $this->right + (int) $isRight, $isRight ? $this->inARow + 1 : 0, $seconds);
    }

    /** @param  array<mixed>  $kept */
    public static function read(array $kept): self
    {
        $number = static fn (string $name): int => is_numeric($kept[$name] ?? null) ? (int) $kept[$name] : 0;

        return new self(max(1, min(3, $number('level'))), $number('asked'), $number('right'), $number('inARow'), $number('seconds'));
    }

    /** @return array{level: int, asked: int, right: int, inARow: int, seconds: int} */
    public function toArray(): array
    {
        return [
            'level' => $this->level,
            'asked' => $this->asked,
            'right' => $this->right,
            'inARow' => $this->inARow,
            'seconds' => $this->seconds,
        ];
    }
}
