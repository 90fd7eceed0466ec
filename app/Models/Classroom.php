<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\ClassroomFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A class of students, with the code they join by. */
class Classroom extends Model
{
    /** @use HasFactory<ClassroomFactory> */
    use HasFactory;

    use HasPublicId;

    protected $table = 'classrooms';

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class)->orderBy('name');
    }

    /** @return list<string> of its students, but for one */
    public function names(?Student $without = null): array
    {
        return array_values(
            $this->students()->whereKeyNot($without?->id)->get()->map(static fn (Student $student): string => $student->name)->all(),
        );
    }
}
