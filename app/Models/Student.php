<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A child: a first name and a personal word, nothing more. */
class Student extends Model
{
    use HasPublicId;

    protected $guarded = [];

    protected $hidden = ['word'];

    protected function casts(): array
    {
        return ['word' => 'hashed'];
    }

    public function classroom(): BelongsTo
    {
        return $this->belongsTo(Classroom::class);
    }
}
