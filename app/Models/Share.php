<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ShareFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A lesson given to a class.
 *
 * @property-read Lesson $lesson
 * @property-read Classroom $classroom
 * @property-read Release|null $release null until a version of the lesson is ready
 */
class Share extends Model
{
    /** @use HasFactory<ShareFactory> */
    use HasFactory;

    use HasPublicId;

    protected $table = 'shares';

    protected $guarded = [];

    protected static function booted(): void
    {
        static::creating(static fn (self $share) => $share->overview_id ??= $share->newUniqueId());
    }

    /** @return BelongsTo<Lesson, $this> */
    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }

    /** @return BelongsTo<Classroom, $this> */
    public function classroom(): BelongsTo
    {
        return $this->belongsTo(Classroom::class);
    }

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }

    /** @throws ModelNotFoundException when no version of the lesson is ready yet */
    public function version(): Release
    {
        return $this->release ?? throw (new ModelNotFoundException)->setModel(Release::class);
    }

    /** @return HasMany<Visit, $this> */
    public function visits(): HasMany
    {
        return $this->hasMany(Visit::class);
    }
}
