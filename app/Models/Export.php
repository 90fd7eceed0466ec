<?php

declare(strict_types=1);

namespace App\Models;

use App\Formats\Formats;
use Database\Factories\ExportFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A file of a format that takes long, being made from a release.
 *
 * @property ExportState $state
 * @property array<string, string>|null $choices null in files of before there was a choice
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
        return ['state' => ExportState::class, 'choices' => 'array'];
    }

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }

    /** @return array<string, string> value by the name of each choice that its format has */
    public function chosen(): array
    {
        $writer = Formats::writer($this->format);

        return $writer === null ? [] : $writer::format()->chosen($this->choices ?? []);
    }

    public function path(string $name): string
    {
        return "exports/{$this->id}/{$name}";
    }
}
