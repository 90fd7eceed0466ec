<?php

declare(strict_types=1);

namespace App\Models;

use App\Lessons\LessonDocument;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One saved state of a lesson document.
 *
 * @property LessonDocument $document
 * @property Carbon $created_at
 * @property-read Lesson $lesson
 */
class Revision extends Model
{
    protected $table = 'revisions';

    protected $guarded = [];

    /** @return BelongsTo<Lesson, $this> */
    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => LessonDocument::class, 'set_aside' => 'boolean'];
    }
}
