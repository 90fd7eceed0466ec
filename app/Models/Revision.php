<?php

namespace App\Models;

use App\Lessons\LessonDocument;
use Illuminate\Database\Eloquent\Model;

/** One saved state of a lesson document. */
class Revision extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['document' => LessonDocument::class, 'set_aside' => 'boolean'];
    }
}
