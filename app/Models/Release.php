<?php

declare(strict_types=1);

namespace App\Models;

use App\Adapters\Files;
use App\Lessons\LessonDocument;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson as Document;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineSegment;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenStage;
use Daybright\Release\LessonOutline;
use Daybright\Release\LessonStages;
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
 * @property array<string, mixed>|null $outline of the programme
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
            'outline' => 'array',
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

    /**
     * @param  int  $from samples of narration
     * @return list<array{take: string, cleaned: bool, loudness: float, ranges: list<SampleRange>}> what is heard, slide by slide
     */
    public function narration(int $from = 0, int $to = PHP_INT_MAX): array
    {
        $takes = array_column($this->takes, null, 'id');
        $isHeard = static fn (TimelineSegment $segment): bool => $segment->starts < $to && $segment->ends() > $from;

        return array_map(static fn (TimelineSegment $segment): array => [
            'take' => $segment->take->id,
            'cleaned' => $takes[$segment->take->id]['cleaned'] ?? false,
            'loudness' => (float) $takes[$segment->take->id]['loudness'],
            'ranges' => $segment->kept->between($from - $segment->starts, $to - $segment->starts),
        ], array_values(array_filter($this->timeline()->segments, $isHeard)));
    }

    /** @return list<FrozenStage> that it comes in, each with a sound of its own; versions of before have one for all of it */
    public function stages(): array
    {
        $lesson = $this->outline();
        $sounds = count(preg_grep('/^stage-\d+\.webm$/', array_keys($this->parts ?? [])) ?: []);
        $stages = LessonStages::of($lesson);

        return match ($sounds) {
            0 => [new FrozenStage(0, $lesson->length)],
            count($stages) => $stages,
            default => LessonStages::acrossParts($lesson),
        };
    }

    /**
     * @param  int  $stage from 0
     * @param  string  $kind webm or m4a
     * @return string name of the file that holds its sound
     */
    public static function sound(int $stage, string $kind): string
    {
        return "stage-{$stage}.{$kind}";
    }

    /** The path of a stage's sound. */
    public function soundPath(int $stage, string $kind): string
    {
        return $this->parts[self::sound($stage, $kind)] ?? $this->path("sound.{$kind}");
    }

    /** @return int of all that a student hears */
    public function soundBytes(): int
    {
        $stages = array_keys($this->stages());

        return array_sum(array_map(fn (int $stage): int => Files::size($this->soundPath($stage, 'webm')), $stages));
    }

    /** When it waits for what: read often, and small. */
    public function outline(): LessonOutline
    {
        return LessonOutline::read(new Fields($this->outline ?? $this->programme));
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
