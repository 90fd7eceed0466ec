<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use App\Teachers\PasswordLinks;
use Daybright\Format\IncomingText;
use DomainException;
use Illuminate\Support\Str;

/** Adds a teacher, who sets the password by a link. */
class AddTeacher extends LessonCommand
{
    protected $signature = 'teacher:add {name} {address : e-mail address to sign in with}';

    protected $description = 'Add a teacher and print the link by which the password is set';

    public function handle(PasswordLinks $links): int
    {
        $name = trim(IncomingText::clean((string) $this->argument('name')));
        $address = mb_strtolower(trim(IncomingText::clean((string) $this->argument('address'))));
        if ($name === '' || mb_strlen($name) > 100 || filter_var($address, FILTER_VALIDATE_EMAIL) === false) {
            throw new DomainException('Give a name and an e-mail address: teacher:add "Rowan Ashby" rowan@school.example');
        }
        if (User::query()->where('email', $address)->exists()) {
            throw new DomainException(
                "There is a teacher with the address {$address} already. For a new password: teacher:reset {$address}",
            );
        }
        $teacher = User::query()->create(['name' => $name, 'email' => $address, 'password' => Str::random(60)]);
        $this->line("{$name} sets a password here, once and within a week:");
        $this->line($links->make($teacher));

        return self::SUCCESS;
    }
}
