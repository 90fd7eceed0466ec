<?php

declare(strict_types=1);

namespace App\Models;

use App\Lessons\LessonDocument;
use App\Lessons\LessonOutline;
use Database\Factories\LessonFactory;
use Daybright\Lesson\Lesson as Document;
use Daybright\Recording\Take as Recorded;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A lesson, whose document is its current revision.
 *
 * @property array{title: string, minutes: float, parts: list<array<string, mixed>>, pictures?: list<array<string, mixed>>}|null $outline
 * @property Carbon $created_at
 * @property Carbon $updated_at
 */
class Lesson extends Model
{
    /** @use HasFactory<LessonFactory> */
    use HasFactory;

    use HasPublicId;

    protected $table = 'lessons';

    protected $guarded = [];

    protected $attributes = ['version' => 1, 'revision' => 1, 'place' => 1];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['outline' => 'array'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Series, $this> */
    public function series(): BelongsTo
    {
        return $this->belongsTo(Series::class);
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return HasMany<Take, $this> */
    public function takes(): HasMany
    {
        return $this->hasMany(Take::class);
    }

    /** @return HasMany<BroughtSlide, $this> */
    public function broughtSlides(): HasMany
    {
        return $this->hasMany(BroughtSlide::class)->orderBy('number');
    }

    /** @return HasMany<Release, $this> */
    public function releases(): HasMany
    {
        return $this->hasMany(Release::class)->orderBy('number');
    }

    public function newestRelease(): ?Release
    {
        return $this->hasMany(Release::class)->where('state', ReleaseState::Ready)->latest('number')->first();
    }

    /** @return HasMany<Share, $this> */
    public function shares(): HasMany
    {
        return $this->hasMany(Share::class);
    }

    /** @return array<string, Recorded> the take in the lesson, by slide id, without its words: they take a while to read */
    public function recorded(): array
    {
        return $this->takes->where('chosen', true)
            ->where('state', TakeState::Ready)
            ->keyBy('slide')
            ->map(static fn (Take $take): Recorded => $take->recorded(withWords: false))
            ->all();
    }

    /** @return array<string, float> seconds kept of the take in the lesson, by slide id */
    public function secondsRecorded(): array
    {
        return $this->takes->where('chosen', true)
            ->where('state', TakeState::Ready)
            ->keyBy('slide')
            ->map(static fn (Take $take): float => $take->secondsKept())
            ->all();
    }

    /** @return array{title: string, minutes: float, parts: list<array<string, mixed>>, pictures: list<array<string, mixed>>} */
    public function outlined(): array
    {
        $outline = $this->outline;
        // Older outlines say nothing of pictures.
        if ($outline === null || ! isset($outline['pictures'])) {
            $outline = LessonOutline::outline($this->read());
            $this->outline = $outline;
            // A look at Home goes on where the disk is full.
            rescue(fn (): int => self::query()->whereKey($this->id)->toBase()->update(['outline' => json_encode(
                $outline,
                JSON_THROW_ON_ERROR,
            )]));
        }

        return $outline;
    }

    public function document(): LessonDocument
    {
        return $this->revisions()->where('set_aside', false)->where('number', $this->revision)->firstOrFail()->document;
    }

    public function read(): Document
    {
        return $this->document()->read();
    }
}
