<?php

declare(strict_types=1);

namespace Daybright\Figure\Timeline;

/** A year of the common era or before it. There is no year 0: 1 BCE is followed by 1 CE. */
final readonly class Year
{
    /** @param  int  $astronomical as ISO 8601 counts: 1 BCE is 0, 2 BCE is −1 */
    private function __construct(public int $astronomical)
    {
    }

    /** @param  int  $number 1 or more */
    public static function numbered(int $number, bool $beforeCommonEra): self
    {
        return new self($beforeCommonEra ? 1 - $number : $number);
    }

    public function isBefore(): bool
    {
        return $this->astronomical < 1;
    }

    public function number(): int
    {
        return $this->isBefore() ? 1 - $this->astronomical : $this->astronomical;
    }

    /** Years from this one to another, in calendar years. */
    public function until(self $other): int
    {
        return $other->astronomical - $this->astronomical;
    }

    public function plus(int $years): self
    {
        return new self($this->astronomical + $years);
    }

    public function century(): int
    {
        return intdiv($this->number() - 1, 100) + 1;
    }

    /** “44 BCE”, “1066”; the common era is named only when it is needed. */
    public function written(bool $namesEra = false): string
    {
        return $this->number().($this->isBefore() ? ' BCE' : ($namesEra ? ' CE' : ''));
    }

    public function centuryWritten(): string
    {
        $century = $this->century();
        $ending = match (true) {
            $century % 100 >= 11 && $century % 100 <= 13 => 'th',
            $century % 10 === 1 => 'st',
            $century % 10 === 2 => 'nd',
            $century % 10 === 3 => 'rd',
            default => 'th',
        };

        return "{$century}{$ending} century".($this->isBefore() ? ' BCE' : '');
    }
}
