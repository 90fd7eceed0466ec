<?php

declare(strict_types=1);

namespace Daybright\Block\Worked;

use Daybright\Block\BlockKind;
use Daybright\Block\Piece;
use Daybright\Block\Statement;
use Daybright\Lesson\Fields;
use Daybright\Scene\Layout;
use Daybright\Scene\Paint;
use Daybright\Scene\Room;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;

/** A worked example: lines of working, each with its reason; every equality is checked. */
final readonly class WorkedBlock implements BlockKind
{
    private const GAP = 14.0;

    public function name(): string
    {
        return 'worked';
    }

    public function label(): string
    {
        return 'Worked example';
    }

    public function blank(): array
    {
        return ['task' => '', 'lines' => [['id' => 'line-1', 'formula' => '', 'reason' => '']]];
    }

    public function pieces(Fields $content): array
    {
        $pieces = [];
        foreach ($content->list('lines') as $number => $line) {
            $pieces[] = new Piece($line->text('id'), 'line '.($number + 1), $line->text('reason', ''));
        }

        return $pieces;
    }

    public function leastHeight(Fields $content): ?float
    {
        return null;
    }

    public function layout(Fields $content, Room $room): Layout
    {
        $y = 0.0;
        $pieces = [Piece::MAIN => []];
        if ($content->has('task')) {
            $task = $room->text($content->text('task'));
            $pieces[Piece::MAIN] = $task->shapes(0, 0);
            $y = $task->height() + self::GAP;
        }
        $lines = $content->list('lines');
        $hasReasons = array_filter($lines, static fn (Fields $line): bool => $line->has('reason')) !== [];
        $formulaWidth = $hasReasons && $room->width > 700 ? $room->width * 0.56 : $room->width - 24;
        foreach ($lines as $line) {
            $formula = $room->text('`'.str_replace('`', '', Marks::inTex($line->text('formula', ''), $line->map('marks'))).'`', 1.1, Paint::INK, false, $formulaWidth);
            $height = $line->has('formula') ? $formula->height() : 0.0;
            $shapes = $line->has('formula') ? $formula->shapes(24, $y) : [];
            if ($line->has('reason')) {
                $beside = $room->width > 700;
                $reason = $room->text($line->text('reason'), 0.84, Paint::QUIET, false, $beside ? $room->width - $formulaWidth - 48 : $room->width - 24);
                $shapes = [...$shapes, ...$reason->shapes($beside ? $formulaWidth + 48 : 24, $beside ? $y + max(0.0, ($height - $reason->height()) / 2) : $y + $height)];
                $height = $beside ? max($height, $reason->height()) : $height + $reason->height();
            }
            if (! $room->setting->centred) {
                $shapes[] = Shape::polyline([[6, $y + 4], [6, $y + max(20.0, $height - 4)]], Paint::outlined($room->setting->strong(), 4));
            }
            $pieces[$line->text('id')] = $shapes;
            $y += $height + self::GAP;
        }

        return new Layout(max(0.0, $y - self::GAP), array_filter($pieces));
    }

    public function words(Fields $content, Setting $setting): array
    {
        $words = [Piece::MAIN => $setting->spoken($content->text('task', ''))];
        foreach ($content->list('lines') as $line) {
            $reason = $setting->spoken($line->text('reason', ''));
            $words[$line->text('id')] = trim($setting->spoken($line->text('formula', '')).($reason === '' ? '' : ", {$reason}"), ', ');
        }

        return $words;
    }

    public function statements(Fields $content): array
    {
        $statements = [new Statement($content->text('task', ''), 'task')];
        foreach ($content->list('lines') as $number => $line) {
            $statements[] = new Statement($line->text('formula', ''), "lines/{$number}/formula");
            $statements[] = new Statement($line->text('reason', ''), "lines/{$number}/reason");
        }

        return $statements;
    }
}
