<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What a trait of a model has to do when the model is first used is found by its name (bootSoftDeletes, initializeHasTimestamps), as
 * Laravel's documentation has it. Laravel also looks through every method of the model for attributes that say so: we write none, and
 * the look took half a millisecond for each model of each request.
 */
trait BootsTraitsByName
{
    protected static function bootTraits(): void
    {
        $class = static::class;
        static::$traitInitializers[$class] = [];
        foreach (class_uses_recursive($class) as $trait) {
            $name = class_basename($trait);
            if (method_exists($class, "boot{$name}")) {
                $class::{"boot{$name}"}();
            }
            if (method_exists($class, "initialize{$name}")) {
                static::$traitInitializers[$class][] = "initialize{$name}";
            }
        }
    }
}
