<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Export;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A file that is to be made of a version.
 *
 * @extends Factory<Export>
 */
final class ExportFactory extends Factory
{
    protected $model = Export::class;

    public function definition(): array
    {
        return [];
    }
}
