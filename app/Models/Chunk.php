<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** One numbered chunk of a take's sound, with the events that came with it. */
class Chunk extends Model
{
    protected $table = 'pieces';

    protected $guarded = [];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['events' => 'array'];
    }
}
