<?php

declare(strict_types=1);

namespace Daybright\Block\Text;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\Statement;
use Daybright\Lesson\Fields;
use Daybright\Scene\Layout;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;

/** Running text: paragraphs, points of a list, formulas between back quotes. */
final readonly class TextBlock implements BlockKind
{
    public function name(): string
    {
        return 'text';
    }

    public function label(): string
    {
        return 'Text';
    }

    public function blank(): array
    {
        return ['text' => ''];
    }

    public function pieces(Fields $content): array
    {
        return [];
    }

    public function leastHeight(): ?float
    {
        return null;
    }

    public function layout(Fields $content, Room $room): Layout
    {
        $text = $room->text($content->text('text', ''));

        return new Layout($text->height(), [Piece::MAIN => $text->shapes(0, 0)]);
    }

    public function words(Fields $content, Setting $setting): array
    {
        return [Piece::MAIN => $setting->spoken($content->text('text', ''))];
    }

    public function statements(Fields $content): array
    {
        return [new Statement($content->text('text', ''), 'text')];
    }
}
