<?php

declare(strict_types=1);

namespace Daybright\Format;

use Daybright\Failure;
use DomainException;

/** Text or JSON from outside that cannot be read; the message says what to do. */
final class UnreadableText extends DomainException implements Failure
{
    public static function failureCode(): string
    {
        return 'unreadable-text';
    }

    public static function notUtf8(): self
    {
        return new self('This text holds signs that cannot be read. Type them again.');
    }

    public static function notWebVtt(): self
    {
        return new self('This file is no WebVTT: its first line is not “WEBVTT”. Choose another, or type the captions.');
    }

    public static function noCaptions(): self
    {
        return new self('There are no captions in this file. Choose another, or type them.');
    }

    public static function tooManyCaptions(int $most): self
    {
        return new self("There are more than {$most} captions in this file. Take out those of the part that is not played.");
    }

    public static function damaged(): self
    {
        return new self('This file is damaged, or was cut short on its way. Open it where it was made, and save it again.');
    }

    public static function nothingWritten(): self
    {
        return new self('Nothing is written in this document that a slide could be made of.');
    }

    public static function tooManyHeadings(int $most): self
    {
        return new self("This document has more than {$most} headings, each of which would be a slide. Save the part that you need by itself.");
    }

    public static function tooLong(): self
    {
        return new self('This text is longer than a lesson can be. Save the part that you need by itself.');
    }

    public static function noSlides(): self
    {
        return new self('There are no slides in this presentation that can be read. Open it where it was made, and save it as PPTX again.');
    }

    public static function tooManySlides(int $most): self
    {
        return new self("This presentation has more than {$most} slides. Save the part that you need by itself.");
    }

    public static function boundlessNumber(): self
    {
        return new self('One of the numbers is larger than can be reckoned with. Make it smaller.');
    }

    public static function notJson(): self
    {
        return new self('What was sent could not be read. Load the page again; nothing that was saved before is lost.');
    }
}
