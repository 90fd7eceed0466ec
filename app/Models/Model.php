<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model as EloquentModel;

/** A model of ours. */
abstract class Model extends EloquentModel
{
    use BootsTraitsByName;
}
