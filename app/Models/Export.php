<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A file of a format that takes long, being made from a release.
 *
 * @property-read Release $release
 */
class Export extends Model
{
    use HasPublicId;

    protected $guarded = [];

    protected $attributes = ['format' => 'mp4', 'state' => 'waiting', 'progress' => 0, 'bytes' => 0];

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }

    public function path(string $name): string
    {
        return "exports/{$this->id}/{$name}";
    }
}
