<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A teacher, who signs in with the word “daybright”.
 *
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    protected $model = User::class;

    public function definition(): array
    {
        return [
            'name' => 'Rowan',
            'email' => static fn (array $fields): string => mb_strtolower((string) $fields['name']).'@larkfield.example',
            'password' => 'daybright',
        ];
    }
}
