<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Classroom;
use App\Models\Lesson;
use App\Models\Share;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A lesson given to a class.
 *
 * @extends Factory<Share>
 */
final class ShareFactory extends Factory
{
    protected $model = Share::class;

    public function definition(): array
    {
        return ['lesson_id' => Lesson::factory(), 'classroom_id' => Classroom::factory()];
    }
}
