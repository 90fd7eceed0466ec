<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Classroom;
use App\Models\Student;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A class; its students are added by their first names.
 *
 * @extends Factory<Classroom>
 */
final class ClassroomFactory extends Factory
{
    protected $model = Classroom::class;

    public function definition(): array
    {
        return ['user_id' => User::factory(), 'name' => '6 Heron', 'code' => 'ABCD2345'];
    }

    public function withStudents(string ...$names): static
    {
        return $this->afterCreating(static function (Classroom $classroom) use ($names): void {
            foreach ($names as $name) {
                Student::factory()->for($classroom)->create(['name' => $name]);
            }
        });
    }
}
