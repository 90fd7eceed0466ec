<?php

declare(strict_types=1);

namespace Daybright\Block\Text;

use Daybright\Block\WrittenText;
use Daybright\Scene\Room;
use Daybright\Scene\SetText;

/** Running text: paragraphs, points of a list, formulas between back quotes. */
final readonly class TextBlock extends WrittenText
{
    public function name(): string
    {
        return 'text';
    }

    public function label(): string
    {
        return 'Text';
    }

    protected function set(string $text, Room $room): SetText
    {
        return $room->text($text);
    }
}
