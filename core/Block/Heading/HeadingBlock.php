<?php

declare(strict_types=1);

namespace Daybright\Block\Heading;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\Statement;
use Daybright\Lesson\Fields;
use Daybright\Scene\Layout;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;

/** A line that says what follows. */
final readonly class HeadingBlock implements BlockKind
{
    public function name(): string
    {
        return 'heading';
    }

    public function label(): string
    {
        return 'Heading';
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
        $text = $room->text($content->text('text', ''), 1.4, $room->setting->strong(), true);

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
