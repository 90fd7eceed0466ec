<?php

declare(strict_types=1);

namespace Daybright\Block\Heading;

use Daybright\Block\WrittenText;
use Daybright\Scene\Room;
use Daybright\Scene\SetText;

/** A line that says what follows. */
final readonly class HeadingBlock extends WrittenText
{
    public function name(): string
    {
        return 'heading';
    }

    public function label(): string
    {
        return 'Heading';
    }

    protected function set(string $text, Room $room): SetText
    {
        return $room->text($text, 1.4, $room->setting->strong(), true);
    }
}
