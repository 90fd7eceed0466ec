<?php

declare(strict_types=1);

namespace App\Http;

/** Kinds of problem, each with its status: which a program can rely on. See docs/formats/problems.md. */
enum ProblemType: string
{
    case Invalid = 'invalid';
    case NotSignedIn = 'not-signed-in';
    case NotFound = 'not-found';
    case Stale = 'stale';
    case PageTooOld = 'page-too-old';
    case TooLarge = 'too-large';
    case TooManyTries = 'too-many-tries';
    case DiskFull = 'disk-full';
    case Away = 'away';
    case NotPossible = 'not-possible';
    case Fault = 'fault';

    public function status(): int
    {
        return match ($this) {
            self::Invalid => 422,
            self::NotSignedIn => 401,
            self::NotFound => 404,
            self::Stale => 409,
            self::PageTooOld => 419,
            self::TooLarge => 413,
            self::TooManyTries => 429,
            self::DiskFull => 507,
            self::Away => 503,
            self::NotPossible => 400,
            self::Fault => 500,
        };
    }

    /** Never to be fetched: it is a name. */
    public function uri(): string
    {
        return 'https://daybright.invalid/problems/'.$this->value;
    }
}
