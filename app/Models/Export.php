<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ExportFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A file of a format that takes long, being made from a release.
 *
 * @property ExportState $state
 * @property-read Release $release
 */
class Export extends Model
{
    /** @use HasFactory<ExportFactory> */
    use HasFactory;

    use HasPublicId;

    protected $table = 'exports';

    protected $guarded = [];

    protected $attributes = ['format' => 'mp4', 'state' => ExportState::Waiting->value, 'progress' => 0, 'bytes' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => ExportState::class];
    }

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
