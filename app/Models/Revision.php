<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** One saved state of a lesson document. */
class Revision extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['document' => 'array', 'set_aside' => 'boolean'];
    }
}
