<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** One student's way through a shared lesson. */
class Visit extends Model
{
    use HasPublicId;

    protected $guarded = [];

    protected $attributes = ['position' => 0, 'furthest' => 0];

    protected function casts(): array
    {
        return ['handed_in_at' => 'datetime', 'placed_at' => 'datetime'];
    }

    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    public function share(): BelongsTo
    {
        return $this->belongsTo(Share::class);
    }

    public function answers(): HasMany
    {
        return $this->hasMany(Answer::class);
    }
}
