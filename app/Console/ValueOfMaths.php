<?php

declare(strict_types=1);

namespace App\Console;

use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\SiValue;
use DomainException;

/** What an expression comes to, in the units it is written in and in those of the SI. */
class ValueOfMaths extends JsonCommand
{
    protected $signature = 'maths:value';

    protected $description = 'Read {"expression": …} and write its value: {"written": …, "si": {"value": …, "units": …}}';

    protected function answer(array $asked): array
    {
        $value = Quantity::read((new Fields($asked))->text('expression'));

        return ['written' => $value->written(), 'exact' => $value->exact, 'si' => SiValue::convert($value)];
    }

    protected function about(DomainException $error): array
    {
        return $error instanceof MathsError && $error->position !== null ? ['position' => $error->position] : [];
    }
}
