<?php

declare(strict_types=1);

namespace App\Models;

use App\Lessons\LessonDocument;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson as Document;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineSegment;
use Daybright\Release\FrozenLesson;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A frozen version of a lesson: its document and its chosen takes as they were.
 *
 * @property string $lesson_id
 * @property ReleaseState $state
 * @property LessonDocument $document
 * @property list<array{
 *     id: string, slide: string, length: int, loudness: float, events: list<array<string, mixed>>, cuts: list<array{from: int, to: int}>,
 *     alignment?: array<string, mixed>|null, wordings?: list<array{from: int, to: int, text: string}>, cleaned?: bool,
 * }> $takes
 * @property array<string, mixed> $programme
 * @property array<string, string>|null $parts paths by the name of the file
 * @property Carbon $created_at
 * @property-read Lesson $lesson
 */
class Release extends Model
{
    use HasPublicId;

    protected $table = 'releases';

    protected $guarded = [];

    protected $attributes = ['state' => ReleaseState::Making->value];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'document' => LessonDocument::class,
            'takes' => 'array',
            'programme' => 'array',
            'parts' => 'array',
            'state' => ReleaseState::class,
        ];
    }

    /** @return BelongsTo<Lesson, $this> */
    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }

    /** @return HasMany<Export, $this> */
    public function exports(): HasMany
    {
        return $this->hasMany(Export::class);
    }

    public function read(): Document
    {
        return $this->document->read();
    }

    public function timeline(): Timeline
    {
        $takes = [];
        foreach ($this->takes as $take) {
            $takes[$take['slide']] = Take::read($take);
        }

        return Timeline::build($this->read(), $takes);
    }

    /** @return list<array{take: string, cleaned: bool, loudness: float, ranges: list<SampleRange>}> what is heard, slide by slide */
    public function narration(): array
    {
        $takes = array_column($this->takes, null, 'id');

        return array_map(static fn (TimelineSegment $segment): array => [
            'take' => $segment->take->id,
            'cleaned' => $takes[$segment->take->id]['cleaned'] ?? false,
            'loudness' => (float) $takes[$segment->take->id]['loudness'],
            'ranges' => $segment->kept->ranges,
        ], $this->timeline()->segments);
    }

    public function frozen(): FrozenLesson
    {
        return FrozenLesson::read(new Fields($this->programme));
    }

    /** Whether it was made with pages to print. */
    public function hasHandout(): bool
    {
        return ($this->document->array()['handout'] ?? []) !== [];
    }

    public function path(string $name): string
    {
        // Versions of before have their files to themselves.
        return $this->parts[$name] ?? "releases/{$this->id}/{$name}";
    }
}
