<?php

declare(strict_types=1);

namespace Daybright\Block;

/** Something in a block that may appear at a step of its own. */
final readonly class BlockPiece
{
    public const MAIN = 'main';

    /**
     * @param  string  $label for the teacher
     * @param  string  $script a first line to say when it appears; empty if there is none to offer
     */
    public function __construct(public string $name, public string $label, public string $script = '')
    {
    }
}
