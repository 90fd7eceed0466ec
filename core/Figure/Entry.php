<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** A figure's entry in the catalogue: how it is called, and how it is found. */
final readonly class Entry
{
    /**
     * @param  string  $name in documents, such as “bar-model”
     * @param  string  $purpose one sentence for the teacher, without a full stop
     * @param  non-empty-list<Purpose>  $purposes
     * @param  non-empty-list<Subject>  $subjects
     * @param  string  $also other words under which a teacher would look for it
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $purpose,
        public array $purposes,
        public array $subjects,
        public string $also = '',
    ) {
    }
}
