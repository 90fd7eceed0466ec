<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\StudentFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/**
 * A child: a first name and a personal word, nothing more.
 *
 * @property-read Classroom $classroom
 */
class Student extends Model
{
    /** @use HasFactory<StudentFactory> */
    use HasFactory;

    use HasPublicId;

    private const ROUNDS = 6;

    protected $table = 'students';

    protected $guarded = [];

    protected $hidden = ['word', 'session_key'];

    protected static function booted(): void
    {
        static::creating(static fn (self $student) => $student->session_key ??= self::freshKey());
    }

    /** Ends every session of this child, wherever it is open. */
    public function endSessions(): void
    {
        $this->update(['session_key' => self::freshKey()]);
    }

    /** A short secret behind a throttle: a costlier hash would make a class wait and a guesser no slower. */
    public function chooseWord(string $word): void
    {
        $this->update(['word' => Hash::make($word, ['rounds' => self::ROUNDS])]);
    }

    public function isWord(string $word): bool
    {
        if ($this->word === null || ! Hash::check($word, $this->word)) {
            return false;
        }
        if (Hash::needsRehash($this->word, ['rounds' => self::ROUNDS])) {
            $this->chooseWord($word);
        }

        return true;
    }

    private static function freshKey(): string
    {
        return Str::lower(Str::random(22));
    }

    /** @return BelongsTo<Classroom, $this> */
    public function classroom(): BelongsTo
    {
        return $this->belongsTo(Classroom::class);
    }
}
