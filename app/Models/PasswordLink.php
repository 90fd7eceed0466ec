<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A link by which a teacher sets a password, known by the hash of its secret alone. */
class PasswordLink extends Model
{
    protected $table = 'password_links';

    protected $guarded = [];

    protected $primaryKey = 'token_hash';

    protected $keyType = 'string';

    public $incrementing = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
