<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One numbered chunk of a take's sound, with the events that came with it.
 *
 * @property list<array<string, mixed>> $events
 */
class Chunk extends Model
{
    protected $table = 'pieces';

    protected $guarded = [];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['events' => 'array'];
    }
}
