<?php

declare(strict_types=1);

namespace Daybright\Maths;

/** One equality found in a text, and what was found out about it. */
final readonly class Equality
{
    /**
     * @param  string  $written as it stands in the text
     * @param  'true'|'false'|'unit missing'|'unit of the wrong kind'  $verdict
     * @param  string|null  $correction what the right side would be
     */
    public function __construct(public string $written, public string $verdict, public ?string $correction, public string $sentence)
    {
    }

    public function holds(): bool
    {
        return $this->verdict === 'true';
    }
}
