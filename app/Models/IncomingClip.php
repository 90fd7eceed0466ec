<?php

declare(strict_types=1);

namespace App\Models;

use App\Adapters\PieceFolder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A clip that a teacher sends: it arrives in pieces, is made ready, and is a medium then.
 *
 * @property string $name of its file
 * @property ClipState $state
 * @property float $progress of being made ready, 0 to 1
 * @property int $pieces of which it was sent, once all have arrived
 * @property array<string, mixed>|null $medium for the lesson document, once it is ready
 * @property array<string, mixed>|null $poster a picture out of it, as a medium; none of a sound
 * @property-read User $user
 */
class IncomingClip extends Model
{
    use HasPublicId;

    protected $table = 'incoming_clips';

    protected $guarded = [];

    protected $attributes = ['state' => ClipState::Arriving->value, 'progress' => 0, 'pieces' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => ClipState::class, 'medium' => 'array', 'poster' => 'array'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function folder(): string
    {
        return "incoming-clips/{$this->id}";
    }

    public function pieces(): PieceFolder
    {
        return new PieceFolder($this->folder());
    }
}
