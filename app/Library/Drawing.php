<?php

declare(strict_types=1);

namespace App\Library;

/** A drawing of the library, with what must be said about it. */
final readonly class Drawing
{
    /**
     * @param  string  $id its source and its name, such as “flat/leaf”
     * @param  string  $label what it shows, in plain English
     * @param  list<string>  $tags other words that it is found by
     * @param  string  $licence as lesson documents name it
     */
    public function __construct(
        public string $id,
        public string $label,
        public array $tags,
        public string $credit,
        public string $licence,
    ) {
    }
}
