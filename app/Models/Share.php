<?php

declare(strict_types=1);

namespace App\Models;

use App\Watching\Kept\Keeping;
use Database\Factories\ShareFactory;
use Daybright\Watching\Opening;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A lesson given to a class.
 *
 * @property Keeping $keeping
 * @property bool $in_any_order
 * @property bool $answers_after_due of the exit check
 * @property string|null $due
 * @property array<string, string|null>|null $parts the day from which each is open, null for never; parts that are not named are open
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

    protected $attributes = ['keeping' => Keeping::Sealed->value, 'in_any_order' => false, 'answers_after_due' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['keeping' => Keeping::class, 'in_any_order' => 'boolean', 'answers_after_due' => 'boolean', 'parts' => 'array'];
    }

    /** What of the lesson is open to the class today, where the school is. */
    public function opening(): Opening
    {
        $today = self::today();

        return new Opening(
            array_keys($this->closedParts()),
            $this->in_any_order,
            $this->answers_after_due && $this->due !== null && $today <= $this->due,
        );
    }

    /** @return array<string, string|null> the day on which it opens, or null for never, by the part that is closed today */
    public function closedParts(): array
    {
        $isClosed = static fn (?string $from): bool => $from === null || $from > self::today();

        return array_filter($this->parts ?? [], $isClosed);
    }

    /** Names what a student can get of it today: another version, or another part that has opened, is another one. */
    public function edition(): string
    {
        return implode(' ', [$this->version()->id, ...array_keys($this->closedParts())]);
    }

    private static function today(): string
    {
        return now((string) config('daybright.zone'))->toDateString();
    }

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
