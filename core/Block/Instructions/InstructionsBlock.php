<?php

declare(strict_types=1);

namespace Daybright\Block\Instructions;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\Statement;
use Daybright\Lesson\Fields;
use Daybright\Scene\Layout;
use Daybright\Scene\Paint;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Numbered things to do, in order. */
final readonly class InstructionsBlock implements BlockKind
{
    private const GAP = 12.0;

    public function name(): string
    {
        return 'instructions';
    }

    public function label(): string
    {
        return 'Instructions';
    }

    public function blank(): array
    {
        return ['items' => ['']];
    }

    public function pieces(Fields $content): array
    {
        return array_map(
            static fn (int $number, string $item): Piece => new Piece('item-'.($number + 1), 'number '.($number + 1), $item),
            array_keys($content->texts('items')),
            $content->texts('items'),
        );
    }

    public function leastHeight(Fields $content): ?float
    {
        return null;
    }

    public function layout(Fields $content, Room $room): Layout
    {
        $y = 0.0;
        $pieces = [];
        foreach ($content->texts('items') as $number => $item) {
            $text = $room->text($item, 1, Paint::INK, false, $room->width - 72);
            $height = max(52.0, $text->height());
            $style = new TextStyle(28, '#FFFFFF', true, 0.5);
            $pieces['item-'.($number + 1)] = [
                Shape::circle(26, $y + 26, 24, Paint::filled($room->setting->strong())),
                $room->setting->type->label((string) ($number + 1), 26, $y + 36, $style),
                ...$text->shapes(72, $y + max(0.0, (52 - $text->height()) / 2)),
            ];
            $y += $height + self::GAP;
        }

        return new Layout(max(0.0, $y - self::GAP), $pieces);
    }

    public function words(Fields $content, Setting $setting): array
    {
        $words = [];
        foreach ($content->texts('items') as $number => $item) {
            $words['item-'.($number + 1)] = ($number + 1).': '.$setting->spoken($item);
        }

        return $words;
    }

    public function statements(Fields $content): array
    {
        return array_map(
            static fn (int $number, string $item): Statement => new Statement($item, "items/{$number}"),
            array_keys($content->texts('items')),
            $content->texts('items'),
        );
    }
}
