<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Series;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Lessons that belong together.
 *
 * @extends Factory<Series>
 */
final class SeriesFactory extends Factory
{
    protected $model = Series::class;

    public function definition(): array
    {
        return ['user_id' => User::factory(), 'title' => 'The Sun'];
    }
}
