<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Answer;
use App\Models\Visit;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * What a student gave; it is not marked yet.
 *
 * @extends Factory<Answer>
 */
final class AnswerFactory extends Factory
{
    protected $model = Answer::class;

    public function definition(): array
    {
        return [
            'visit_id' => Visit::factory(),
            'block' => 'measure-question',
            'given' => '41 cm',
            'readable' => '41 cm',
            'out_of' => 2,
        ];
    }
}
