<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\VisitFactory;
use Daybright\Watching\Progress;
use Daybright\Watching\SealedLesson;
use Daybright\Watching\SealedRanges;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One student's way through a shared lesson.
 *
 * @property Carbon|null $handed_in_at
 * @property Carbon|null $placed_at
 * @property Carbon $created_at
 * @property array<string, int>|null $asked when a question was first seen, in seconds since 1970, by its block
 * @property array<string, array<string, int>>|null $drills how far practising has come, by its block
 * @property array<string, string>|null $aims what the student says of each aim, by its id
 * @property-read Student $student
 * @property-read Share $share
 */
class Visit extends Model
{
    /** @use HasFactory<VisitFactory> */
    use HasFactory;

    use HasPublicId;

    protected $table = 'visits';

    protected $guarded = [];

    protected $attributes = ['position' => 0, 'furthest' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['handed_in_at' => 'datetime', 'placed_at' => 'datetime', 'aims' => 'array', 'asked' => 'array', 'drills' => 'array'];
    }

    /** As far as this student may know a version by now. */
    public function sealed(Release $release): SealedLesson
    {
        return SealedLesson::seal($release->frozen(), $this->progress(), $this->share->opening());
    }

    /** The same, without its pictures and words. */
    public function sealedRanges(Release $release): SealedRanges
    {
        return SealedRanges::of($release->outline(), $this->progress(), $this->share->opening());
    }

    /** Whether what was handed in stands beside its answers. */
    public function isCompared(): bool
    {
        return $this->handed_in_at !== null && ! $this->share->opening()->answersLater;
    }

    public function progress(): Progress
    {
        return new Progress(
            array_values($this->answers->map(static fn (Answer $answer): string => $answer->block)->all()),
            $this->handed_in_at !== null,
        );
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** @return BelongsTo<Share, $this> */
    public function share(): BelongsTo
    {
        return $this->belongsTo(Share::class);
    }

    /** @return HasMany<Answer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(Answer::class);
    }

    /** @return HasMany<Moment, $this> */
    public function moments(): HasMany
    {
        return $this->hasMany(Moment::class)->orderBy('at');
    }
}
