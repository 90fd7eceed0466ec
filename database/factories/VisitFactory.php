<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Share;
use App\Models\Student;
use App\Models\Visit;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A student who has opened a shared lesson.
 *
 * @extends Factory<Visit>
 */
final class VisitFactory extends Factory
{
    protected $model = Visit::class;

    public function definition(): array
    {
        return ['share_id' => Share::factory(), 'student_id' => Student::factory()];
    }
}
