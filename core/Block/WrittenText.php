<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Lesson\Fields;
use Daybright\Scene\Layout;
use Daybright\Scene\Room;
use Daybright\Scene\SetText;
use Daybright\Scene\Setting;

/** A block that is one text and nothing else: all of it appears at once. */
abstract readonly class WrittenText implements BlockKind
{
    /** The text as this kind sets it. */
    abstract protected function set(string $text, Room $room): SetText;

    public function blank(): array
    {
        return ['text' => ''];
    }

    public function pieces(Fields $content): array
    {
        return [];
    }

    public function leastHeight(Fields $content): ?float
    {
        return null;
    }

    public function layout(Fields $content, Room $room): Layout
    {
        $text = $this->set($content->text('text', ''), $room);

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
