<?php

declare(strict_types=1);

namespace Daybright\Maths\Table;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/**
 * A cell as a teacher types it: words, a number with its unit, or {sum}, {mean}, {difference} or {rate} of the column above it. Behind
 * a question mark stands what a student is to fill in; a question mark alone leaves it open.
 */
final class Cell
{
    private const ASKED = '?';

    private const LONGEST = 300;

    /** False where it was looked for and there is none. */
    private Quantity|false|null $quantity = null;

    /**
     * @param  string  $text without the question mark
     * @param  Working|null  $working how it is worked out, where it is not written
     */
    private function __construct(
        public readonly string $text,
        public readonly bool $isAsked,
        public readonly ?Working $working,
    ) {
    }

    public static function read(string $typed): self
    {
        $isAsked = str_starts_with(ltrim($typed), self::ASKED);
        $text = $isAsked ? trim(substr(ltrim($typed), strlen(self::ASKED))) : $typed;
        $working = preg_match('/^\s*\{(\w+)\}\s*$/', $text, $match) === 1 ? Working::tryFrom($match[1]) : null;

        return new self(mb_substr($text, 0, self::LONGEST), $isAsked, $working);
    }

    /** What a student wrote into it. */
    public function filled(string $given): self
    {
        return new self(mb_substr($given, 0, self::LONGEST), false, null);
    }

    public function isWords(): bool
    {
        return $this->text !== '' && $this->working === null && $this->quantity() === null;
    }

    public function isOpen(): bool
    {
        return $this->isAsked && $this->text === '';
    }

    /** The number that is written in it; null for words. It is read once: a table is laid out many times. */
    public function quantity(): ?Quantity
    {
        $this->quantity ??= $this->measured() ?? false;

        return $this->quantity === false ? null : $this->quantity;
    }

    private function measured(): ?Quantity
    {
        if ($this->working !== null || preg_match('/\d/', $this->text) !== 1) {
            return null;
        }
        try {
            return Quantity::read($this->text);
        } catch (MathsError) {
            return null;
        }
    }
}
