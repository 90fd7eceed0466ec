<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use App\Teachers\PasswordLinks;
use DomainException;

/** For a teacher who forgot the password. */
class ResetTeacher extends LessonCommand
{
    protected $signature = 'teacher:reset {address}';

    protected $description = 'Print a link by which a teacher sets a new password';

    public function handle(PasswordLinks $links): int
    {
        $address = mb_strtolower(trim((string) $this->argument('address')));
        $teacher = User::query()->where('email', $address)
            ->first() ?? throw new DomainException("No teacher has the address {$address}. See teacher:list.");
        $this->line("{$teacher->name} sets a new password here, once and within a week; until then the old one is good:");
        $this->line($links->make($teacher));

        return self::SUCCESS;
    }
}
