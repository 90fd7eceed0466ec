<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\ShowsPictures;
use Daybright\Block\Statement;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Layout;
use Daybright\Scene\Paint;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** A photo or drawing, with its caption and credit. */
final readonly class PictureBlock implements BlockKind, ShowsPictures, Unfinished
{
    private const GAP = 8;

    public function name(): string
    {
        return 'picture';
    }

    public function label(): string
    {
        return 'Picture';
    }

    public function blank(): array
    {
        return ['medium' => null, 'caption' => ''];
    }

    public function pieces(Fields $content): array
    {
        return $content->has('caption') ? [new Piece('caption', 'the caption', $content->text('caption'))] : [];
    }

    public function leastHeight(Fields $content): float
    {
        return 180.0;
    }

    public function layout(Fields $content, Room $room): Layout
    {
        $height = $room->height ?? 180.0;
        $medium = $room->setting->media[$content->optionalText('medium') ?? ''] ?? null;
        $caption = $content->has('caption') ? $room->setting->type->fit($room->setting->filled($content->text('caption')), $room->width, $height * 0.4, new TextStyle(max(Typesetter::SMALLEST, $room->size * 0.9), align: 0.5)) : null;
        $credit = $medium === null || $medium->credit === '' ? null : $room->setting->type->fit(self::credit($medium->credit, $medium->licence), $room->width, $height * 0.3, new TextStyle(Typesetter::SMALLEST, Paint::QUIET, align: 0.5));
        // A gap below the picture, and one below the words, whose letters may hang lower than their line.
        $words = ($caption?->height() ?? 0) + ($credit?->height() ?? 0);
        $below = $words > 0 ? $words + 2 * self::GAP : 0;
        $space = new Box(0, 0, $room->width, max(40.0, $height - $below));
        $picture = $medium === null ? $space : $space->fitted($medium->width, $medium->height);
        $main = $medium === null
            ? [Shape::rectangle($space, Paint::outlined(Paint::QUIET, 3, '#F4F1E8', '14 10'), 10)]
            : [Shape::image($picture, $medium->id)];
        $y = $picture->bottom() + self::GAP;
        $captionShapes = $caption?->shapes(0, $y) ?? [];
        $y += $caption === null ? 0 : $caption->height();
        array_push($main, ...($credit?->shapes(0, $y) ?? []));

        return new Layout($height, array_filter([Piece::MAIN => $main, 'caption' => $captionShapes]));
    }

    public function words(Fields $content, Setting $setting): array
    {
        $medium = $setting->media[$content->optionalText('medium') ?? ''] ?? null;

        return array_filter([
            Piece::MAIN => $medium === null || $medium->description === '' ? '' : 'Picture: '.$medium->description,
            'caption' => $setting->spoken($content->text('caption', '')),
        ]);
    }

    public function statements(Fields $content): array
    {
        return [new Statement($content->text('caption', ''), 'caption')];
    }

    public function media(Fields $content): array
    {
        return array_filter([$content->text('medium', '')], static fn (string $id): bool => $id !== '');
    }

    public function missing(Fields $content): ?string
    {
        return $content->has('medium') ? null : 'No picture has been chosen yet. Choose one or take the block away.';
    }

    private static function credit(string $credit, string $licence): string
    {
        return $licence === '' || $licence === 'own' ? $credit : $credit.' · '.strtoupper($licence);
    }
}
