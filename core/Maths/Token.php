<?php

declare(strict_types=1);

namespace Daybright\Maths;

/** One sign, number, unit or name of a sum, and where it stands. */
final readonly class Token
{
    /**
     * @param  'number'|'unit'|'name'|'sign'|'relation'|'tex'  $kind
     * @param  int  $position in characters from 0
     */
    public function __construct(public string $kind, public string $text, public int $position, public bool $spaceBefore = false)
    {
    }

    public function is(string $sign): bool
    {
        return $this->kind === 'sign' && $this->text === $sign;
    }

    public function end(): int
    {
        return $this->position + mb_strlen($this->text);
    }
}
