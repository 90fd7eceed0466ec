<?php

declare(strict_types=1);

namespace Daybright\Block\Heading;

use Daybright\Block\LayoutBounds;
use Daybright\Block\WrittenText;
use Daybright\Scene\SetText;

/** A line that says what follows. */
final readonly class HeadingBlock extends WrittenText
{
    public static function name(): string
    {
        return 'heading';
    }

    public static function label(): string
    {
        return 'Heading';
    }

    protected function set(LayoutBounds $bounds): SetText
    {
        return $bounds->text($this->text, LayoutBounds::HEADLINE, $bounds->context->strong, true);
    }
}
