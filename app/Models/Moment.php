<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A moment of a lesson at which a student asked, was lost, wrote something down or went back. Its id is made where it is written, so
 * that it is kept once however often it is sent.
 *
 * @property MomentKind $kind
 * @property float $at milliseconds of narration
 * @property Carbon $created_at
 * @property-read Visit $visit
 */
class Moment extends Model
{
    use HasPublicId;

    protected $table = 'moments';

    protected $guarded = [];

    protected $attributes = ['text' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MomentKind::class, 'at' => 'float'];
    }

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }
}
