<?php

declare(strict_types=1);

namespace App\Models;

use App\Lessons\LessonDocument;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** One saved state of a lesson document. */
class Revision extends Model
{
    protected $guarded = [];

    public function lesson(): BelongsTo
    {
        return $this->belongsTo(Lesson::class);
    }

    protected function casts(): array
    {
        return ['document' => LessonDocument::class, 'set_aside' => 'boolean'];
    }
}
