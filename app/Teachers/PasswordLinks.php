<?php

declare(strict_types=1);

namespace App\Teachers;

use App\Models\PasswordLink;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Links by which a teacher sets a password: valid once, and for a week. */
final class PasswordLinks
{
    private const DAYS = 7;

    /** @return string the address to open; an earlier link of the same teacher is no longer valid */
    public function make(User $teacher): string
    {
        $token = Str::random(40);
        DB::transaction(static function () use ($teacher, $token): void {
            PasswordLink::query()->where('user_id', $teacher->id)->delete();
            PasswordLink::query()->create([
                'token_hash' => self::hash($token),
                'user_id' => $teacher->id,
                'expires_at' => now()->addDays(self::DAYS),
            ]);
        });

        return rtrim((string) config('app.url'), '/').'/set-password/'.$token;
    }

    public function teacher(string $token): ?User
    {
        return PasswordLink::query()->with('user')
            ->where('token_hash', self::hash($token))
            ->where('expires_at', '>', now())
            ->first()?->user;
    }

    /** @return User|null the teacher whose password was set; null when the link was used before or is too old */
    public function use(string $token, string $password): ?User
    {
        return DB::transaction(function () use ($token, $password): ?User {
            $teacher = $this->teacher($token);
            if ($teacher === null || PasswordLink::query()->where('token_hash', self::hash($token))->delete() === 0) {
                return null;
            }
            // Sessions are bound to the password: those that are open end with the old one.
            $teacher->update(['password' => $password]);

            return $teacher;
        });
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
