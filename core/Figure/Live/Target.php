<?php

declare(strict_types=1);

namespace Daybright\Figure\Live;

use Daybright\Scene\Box;

/** Where something live can be put, or what can be chosen. */
final readonly class Target
{
    /**
     * @param  Box|null  $box where it is let go; null for what is only chosen
     * @param  array<string, mixed>  $change a merge patch (RFC 7396) of what the thing holds
     */
    public function __construct(public string $label, public ?Box $box, public array $change)
    {
    }

    public function placed(float $x, float $y, float $scale): self
    {
        return new self($this->label, $this->box?->scaled($scale)->moved($x, $y), $this->change);
    }

    public function within(string $name): self
    {
        return new self($this->label, $this->box, $this->change === [] ? [] : [$name => $this->change]);
    }
}
