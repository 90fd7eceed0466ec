<?php

declare(strict_types=1);

namespace Daybright\Block;

/** How a word is marked while it is shown. */
enum WordMark: string
{
    case Ring = 'ring';

    case Strike = 'strike';

    public function label(): string
    {
        return match ($this) {
            self::Ring => 'Ring it',
            self::Strike => 'Strike it out',
        };
    }

    public function state(): string
    {
        return match ($this) {
            self::Ring => 'ringed',
            self::Strike => 'struck out',
        };
    }

    public function done(): string
    {
        return match ($this) {
            self::Ring => 'rings',
            self::Strike => 'strikes out',
        };
    }
}
