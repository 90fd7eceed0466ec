<?php

declare(strict_types=1);

namespace App\Models;

use App\Adapters\PieceFolder;
use Daybright\Recording\Tracks\Footage\Source;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the camera saw, or a window showed, while a take was recorded: a film without sound.
 *
 * @property Source $source
 * @property TakeState $state
 * @property int $pieces of which it was sent, once all have arrived
 * @property bool $left_out of the lesson, though it was recorded
 * @property array{footage: string, gone: array{from: int, to: int}, length: int}|null $carried of which film of an earlier take it is
 *           what is kept: without a stretch, in samples, in whose place there is another as long as this; null where it was filmed
 * @property-read Take $take
 */
class Footage extends Model
{
    use HasPublicId;

    protected $table = 'footage';

    protected $guarded = [];

    protected $attributes = ['state' => TakeState::Recording->value, 'pieces' => 0, 'left_out' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['source' => Source::class, 'state' => TakeState::class, 'left_out' => 'boolean', 'carried' => 'array'];
    }

    /** @return BelongsTo<Take, $this> */
    public function take(): BelongsTo
    {
        return $this->belongsTo(Take::class);
    }

    /** It lies among the files of its take, and goes with them. */
    public function path(string $name): string
    {
        return "takes/{$this->take_id}/footage/{$this->id}/{$name}";
    }

    /** The film on the clock of its take, as it was recorded. */
    public function film(): string
    {
        return $this->path('film.mp4');
    }

    public function folder(): PieceFolder
    {
        return new PieceFolder($this->path('pieces'));
    }

    public function isSeen(): bool
    {
        return $this->state === TakeState::Ready && ! $this->left_out;
    }
}
