<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\TakeFactory;
use Daybright\Lesson\Fields;
use Daybright\Recording\Alignment\ScriptAlignment;
use Daybright\Recording\Editing\Retiming;
use Daybright\Recording\Editing\Wording;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Take as Recorded;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One recording of one slide: recording, preparing, ready or failed.
 *
 * @property TakeState $state
 * @property TakeSource $source
 * @property list<array<string, mixed>>|null $events
 * @property list<array{from: int, to: int}>|null $cuts
 * @property list<int>|null $waveform
 * @property list<array{from: int, to: int, text: string}>|null $wordings what is typed for words of it
 * @property bool $cleaned whether it is heard with hum, hiss and clicks made less
 * @property list<array{event: int, at: float|null}>|null $moved when its events happen instead; null for what is taken out
 * @property list<int>|null $kept samples at which departures from the script begin that are wanted
 * @property array<string, mixed>|null $alignment
 * @property Carbon $created_at
 * @property-read Lesson $lesson
 * @property-read Collection<int, Footage> $footage
 */
class Take extends Model
{
    /** @use HasFactory<TakeFactory> */
    use HasFactory;

    use HasPublicId;

    protected $table = 'takes';

    protected $guarded = [];

    // Takes may follow one another within a second, and keep their order.
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $attributes = [
        'state' => TakeState::Recording->value,
        'chosen' => false,
        'words_awaited' => false,
        'cleaned' => false,
        'length' => 0,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'events' => 'array',
            'cuts' => 'array',
            'wordings' => 'array',
            'kept' => 'array',
            'moved' => 'array',
            'waveform' => 'array',
            'alignment' => 'array',
            'chosen' => 'boolean',
            'words_awaited' => 'boolean',
            'cleaned' => 'boolean',
            'state' => TakeState::class,
            'source' => TakeSource::class,
        ];
    }

    protected static function booted(): void
    {
        static::saving(static function (self $take): void {
            if ($take->isDirty(['length', 'cuts', 'events', 'moved']) || ($take->exists && $take->seconds_kept === null)) {
                $take->seconds_kept = $take->recorded(false)->secondsKept();
            }
        });
    }

    /** Seconds of it that are kept in the lesson; worked out for takes of older versions. */
    public function secondsKept(): float
    {
        return $this->seconds_kept ?? $this->recorded(false)->secondsKept();
    }

    /**
     * A take as a version keeps it.
     *
     * @param  array{
     *     id: string, slide: string, length: int, events: list<array<string, mixed>>, cuts: list<array{from: int, to: int}>,
     *     alignment?: array<string, mixed>|null, wordings?: list<array{from: int, to: int, text: string}>,
     * }  $kept
     */
    public static function read(array $kept): Recorded
    {
        return Recorded::recorded(
            $kept['id'],
            $kept['slide'],
            $kept['length'],
            $kept['events'],
            array_map(static fn (array $cut): SampleRange => new SampleRange($cut['from'], $cut['to']), $kept['cuts']),
            isset($kept['alignment']) ? ScriptAlignment::read(new Fields($kept['alignment'])) : null,
            array_map(
                static fn (array $wording): Wording => new Wording(new SampleRange($wording['from'], $wording['to']), $wording['text']),
                $kept['wordings'] ?? [],
            ),
        );
    }

    /** @return BelongsTo<Lesson, $this> */
    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }

    /** @return HasMany<Chunk, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(Chunk::class)->orderBy('number');
    }

    /** @return HasMany<Footage, $this> */
    public function footage(): HasMany
    {
        return $this->hasMany(Footage::class)->orderBy('created_at');
    }

    /** Footage has no plural. */
    protected function childRouteBindingRelationshipName($childType): string
    {
        return $childType === 'footage' ? $childType : parent::childRouteBindingRelationshipName($childType);
    }

    /** @return float|null milliseconds on its clock at which a film begins; null where that is not known yet */
    public function startOf(Footage $footage): ?float
    {
        $events = $this->events ?? $this->pieces()->get()->flatMap(static fn (Chunk $piece): array => $piece->events)->all();
        foreach ($events as $event) {
            if ($event['kind'] === 'footage' && $event['footage'] === $footage->id) {
                return (float) $event['at'];
            }
        }

        return null;
    }

    /** @return array<int, float|null> as Retiming applies it */
    public function moves(): array
    {
        return array_map(
            static fn (float|int|null $at): ?float => $at === null ? null : (float) $at,
            array_column($this->moved ?? [], 'at', 'event'),
        );
    }

    /** @return list<array<string, mixed>> what was done, when it happens in the lesson */
    public function movedEvents(): array
    {
        return Retiming::apply($this->events ?? [], $this->moves());
    }

    /** @return list<array<string, mixed>> what was done, without films that are not there or are left out */
    public function seenEvents(): array
    {
        $events = $this->movedEvents();
        if (! in_array('footage', array_column($events, 'kind'), true)) {
            return $events;
        }
        $seen = $this->footage->filter(static fn (Footage $footage): bool => $footage->isSeen())->pluck('id')->all();

        return array_values(array_filter(
            $events,
            static fn (array $event): bool => ! isset($event['footage']) || in_array($event['footage'], $seen, true),
        ));
    }

    /** @return list<int> of the pieces that have arrived */
    public function pieceNumbers(): array
    {
        return array_values($this->pieces()->get(['take_id', 'number'])->map(static fn (Chunk $piece): int => $piece->number)->all());
    }

    public function path(string $name): string
    {
        return "takes/{$this->id}/{$name}";
    }

    /** @param  bool  $withWords whether where they are said is asked for, which takes a while to read */
    public function recorded(bool $withWords = true): Recorded
    {
        return self::read([
            'id' => (string) $this->id,
            'slide' => $this->slide,
            'length' => $this->length,
            'events' => $this->seenEvents(),
            'cuts' => $this->cuts ?? [],
            'alignment' => $withWords ? $this->alignment : null,
            'wordings' => $this->wordings ?? [],
        ]);
    }
}
