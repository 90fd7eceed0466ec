<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUniqueStringIds;
use Illuminate\Support\Str;

/** Ids that stand in addresses: long and random, so that none can be guessed from another. */
trait HasPublicId
{
    use HasUniqueStringIds;

    public function newUniqueId(): string
    {
        return Str::lower(Str::random(22));
    }

    protected function isValidUniqueId(mixed $value): bool
    {
        return is_string($value) && preg_match('/^[a-z0-9]{22}$/', $value) === 1;
    }
}
