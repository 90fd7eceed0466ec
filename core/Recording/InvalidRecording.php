<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Failure;
use DomainException;

/** A take, event or cut that cannot be used; the message says what to do. */
final class InvalidRecording extends DomainException implements Failure
{
    public static function failureCode(): string
    {
        return 'invalid-recording';
    }

    public static function unknownEvent(string $kind): self
    {
        return new self("“{$kind}” is not something that can happen in a recording.");
    }

    public static function takesNoTime(string $track): self
    {
        return new self("What happens on the track “{$track}” takes no time in the finished lesson.");
    }

    public static function badCut(): self
    {
        return new self('A cut must end after it starts, and lie inside the take.');
    }

    public static function wordingsMeet(): self
    {
        return new self('Some of these words are typed already. Take that back first, or mark all of them.');
    }

    public static function outOfOrder(): self
    {
        return new self('This would happen before what it follows. Move that first.');
    }

    public static function beyondTake(): self
    {
        return new self('This would happen before the recording begins, or after it ends. Choose a moment within it.');
    }

    public static function nothingLeft(): self
    {
        return new self('This would cut the whole take away. Choose another take or record the slide again.');
    }
}
