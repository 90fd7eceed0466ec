<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Failure;
use DomainException;

/** A block that cannot be drawn as it is; the message says what is wrong and what would be right. */
final class CannotBeDrawn extends DomainException implements Failure
{
    public static function failureCode(): string
    {
        return 'cannot-be-drawn';
    }

    /** @param  string  $block id, where it is known */
    private function __construct(string $message, public readonly string $block, ?DomainException $before = null)
    {
        parent::__construct($message, 0, $before);
    }

    public static function because(DomainException $error): self
    {
        return new self($error->getMessage(), '', $error);
    }

    public static function tooNarrow(): self
    {
        return new self('This figure needs a wider area to be read. Give it the whole slide, or a wider side of it.', '');
    }

    public function in(string $block): self
    {
        return new self($this->getMessage(), $block, $this);
    }
}
