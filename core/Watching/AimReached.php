<?php

declare(strict_types=1);

namespace Daybright\Watching;

/** How far somebody is with an aim: by their marks, or by what they say of themselves. */
enum AimReached: string
{
    case Can = 'can';
    case Nearly = 'nearly';
    case NotYet = 'not-yet';

    /** Shares of the marks from which an aim is reached, and nearly reached. */
    public const CAN = 0.8;

    public const NEARLY = 0.5;

    /** @return self|null null while nothing that serves the aim is marked */
    public static function byMarks(int $earned, int $possible): ?self
    {
        return $possible > 0 ? self::byShare($earned / $possible) : null;
    }

    /** @param  float  $share of the marks */
    public static function byShare(float $share): self
    {
        return match (true) {
            $share >= self::CAN => self::Can,
            $share >= self::NEARLY => self::Nearly,
            default => self::NotYet,
        };
    }
}
