<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SeriesFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** An ordered set of lessons. */
class Series extends Model
{
    /** @use HasFactory<SeriesFactory> */
    use HasFactory;

    use HasPublicId;

    protected $table = 'series';

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** The look of its last lesson, in which the next one begins; null where none was chosen. */
    public function look(): ?string
    {
        return $this->lessons()->reorder('place', 'desc')->first()?->document()->array()['look'] ?? null;
    }

    /** @return HasMany<Lesson, $this> */
    public function lessons(): HasMany
    {
        return $this->hasMany(Lesson::class)->orderBy('place');
    }
}
