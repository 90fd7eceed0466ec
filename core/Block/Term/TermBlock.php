<?php

declare(strict_types=1);

namespace Daybright\Block\Term;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\ShowsPictures;
use Daybright\Block\Statement;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Layout;
use Daybright\Scene\Paint;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;

/** A word with its meaning, a picture and a hook to remember it by. */
final readonly class TermBlock implements BlockKind, ShowsPictures
{
    private const MARGIN = 24.0;

    public function name(): string
    {
        return 'term';
    }

    public function label(): string
    {
        return 'Term card';
    }

    public function blank(): array
    {
        return ['word' => '', 'meaning' => '', 'hook' => '', 'picture' => null];
    }

    public function pieces(Fields $content): array
    {
        $word = $content->text('word', '');
        $pieces = [new Piece('meaning', 'the meaning', $content->text('meaning', ''))];
        if ($content->has('hook')) {
            $pieces[] = new Piece('hook', 'the hook', "Remember {$word} like this: {$content->text('hook')}");
        }

        return $pieces;
    }

    public function leastHeight(Fields $content): ?float
    {
        return null;
    }

    public function layout(Fields $content, Room $room): Layout
    {
        $medium = $room->setting->media[$content->optionalText('picture') ?? ''] ?? null;
        $pictureWidth = $medium === null ? 0.0 : min($room->width * 0.34, 300.0);
        $textLeft = self::MARGIN + ($pictureWidth > 0 ? $pictureWidth + self::MARGIN : 0);
        $textWidth = $room->width - $textLeft - self::MARGIN;
        $word = $room->text($content->text('word', ''), 1.25, $room->setting->strong(), true, $textWidth);
        $meaning = $room->text($content->text('meaning', ''), 1, Paint::INK, false, $textWidth);
        $hook = $content->has('hook') ? $room->text($content->text('hook'), 0.86, Paint::QUIET, false, $textWidth) : null;
        $y = self::MARGIN;
        $main = $word->shapes($textLeft, $y);
        $y += $word->height() + 6;
        $meaningShapes = $meaning->shapes($textLeft, $y);
        $y += $meaning->height();
        $hookShapes = [];
        if ($hook !== null) {
            $y += 12;
            $hookShapes = [Shape::polyline([[$textLeft, $y], [$textLeft + min(120, $textWidth), $y]], Paint::outlined($room->setting->strong(), 3)), ...$hook->shapes($textLeft, $y + 8)];
            $y += 8 + $hook->height();
        }
        $height = max($y, $pictureWidth * 0.75 + self::MARGIN) + self::MARGIN;
        $card = [Shape::rectangle(new Box(0, 0, $room->width, $height), Paint::outlined(Paint::RULE, 2, '#FFFFFF'), 10), Shape::rectangle(new Box(0, 0, 8, $height), Paint::filled($room->setting->strong()), 4)];
        if ($medium !== null) {
            $card[] = Shape::image((new Box(self::MARGIN, self::MARGIN, $pictureWidth, $height - 2 * self::MARGIN))->fitted($medium->width, $medium->height), $medium->id);
        }

        return new Layout($height, array_filter([Piece::MAIN => [...$card, ...$main], 'meaning' => $meaningShapes, 'hook' => $hookShapes]));
    }

    public function words(Fields $content, Setting $setting): array
    {
        $medium = $setting->media[$content->optionalText('picture') ?? ''] ?? null;
        $word = $setting->spoken($content->text('word', ''));

        return array_filter([
            Piece::MAIN => $word.($medium === null || $medium->description === '' ? '' : '. Picture: '.$medium->description),
            'meaning' => $setting->spoken($content->text('meaning', '')),
            'hook' => $setting->spoken($content->text('hook', '')),
        ]);
    }

    public function statements(Fields $content): array
    {
        return [new Statement($content->text('meaning', ''), 'meaning'), new Statement($content->text('hook', ''), 'hook')];
    }

    public function media(Fields $content): array
    {
        return array_filter([$content->text('picture', '')], static fn (string $id): bool => $id !== '');
    }
}
