<?php

declare(strict_types=1);

namespace Daybright\Block\Pause;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\Statement;
use Daybright\Block\Stops;
use Daybright\Lesson\Fields;
use Daybright\Question\ThinkingTime;
use Daybright\Scene\Box;
use Daybright\Scene\Layout;
use Daybright\Scene\Paint;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;

/** A place to stop and do something that is not handed in: build, measure, read, think. */
final readonly class PauseBlock implements BlockKind, Stops
{
    private const MARGIN = 24.0;

    public function name(): string
    {
        return 'pause';
    }

    public function label(): string
    {
        return 'Pause point';
    }

    public function blank(): array
    {
        return ['prompt' => 'Stop the lesson and try.', 'marks' => 1, 'seconds' => null];
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
        $text = $room->text($content->text('prompt', ''), 1.1, $room->setting->strong(), true, $room->width - 2 * self::MARGIN - 70);
        $height = max($text->height(), 60.0) + 2 * self::MARGIN;
        $bars = [new Box(self::MARGIN, $height / 2 - 24, 14, 48), new Box(self::MARGIN + 26, $height / 2 - 24, 14, 48)];

        return new Layout($height, [Piece::MAIN => [
            Shape::rectangle(new Box(0, 0, $room->width, $height), Paint::filled($room->setting->tint()), 12),
            ...array_map(static fn (Box $bar): Shape => Shape::rectangle($bar, Paint::filled($room->setting->strong()), 3), $bars),
            ...$text->shapes(self::MARGIN + 66, ($height - $text->height()) / 2),
        ]]);
    }

    public function words(Fields $content, Setting $setting): array
    {
        return [Piece::MAIN => $setting->spoken($content->text('prompt', ''))];
    }

    public function statements(Fields $content): array
    {
        return [new Statement($content->text('prompt', ''), 'prompt')];
    }

    public function waits(Fields $content): int
    {
        return ThinkingTime::of($content->optionalNumber('seconds'), $content->whole('marks', 1));
    }

    public function asks(Fields $content): string
    {
        return $content->text('prompt', '');
    }
}
