<?php

declare(strict_types=1);

namespace Daybright\Block\Text;

use Daybright\Block\LayoutBounds;
use Daybright\Block\WrittenText;
use Daybright\Scene\SetText;
use Daybright\Scene\TextField;

/** Running text: paragraphs, points of a list, formulas between back quotes. */
final readonly class TextBlock extends WrittenText
{
    public static function name(): string
    {
        return 'text';
    }

    public static function label(): string
    {
        return 'Text';
    }

    protected function set(LayoutBounds $bounds): SetText
    {
        return $bounds->text($this->text);
    }

    protected function field(SetText $text): TextField
    {
        return parent::field($text)->inParagraphs();
    }
}
