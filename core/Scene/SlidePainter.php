<?php

declare(strict_types=1);

namespace Daybright\Scene;

use Daybright\Block\Blocks;
use Daybright\Block\Piece;
use Daybright\Block\SlideFacts;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;

/**
 * Lays a slide out: blocks one under another in their regions, text as large as fits.
 *
 * Text is tried from the largest size down until everything in a region fits; what is left over goes to pictures and figures.
 */
final readonly class SlidePainter
{
    private const LARGEST = 46.0;

    private const GAP = 26.0;

    /** @param  array<string, Typeface>  $typefaces by name */
    public function __construct(private array $typefaces, private FormulaSetter $formulas)
    {
    }

    public function paint(Lesson $lesson, Slide $slide): Scene
    {
        $typeface = $this->typefaces[$lesson->typeface] ?? $this->typefaces['lexend'];
        $arrangement = Arrangement::tryFrom($slide->arrangement) ?? Arrangement::Whole;
        $type = new Typesetter($typeface, $this->formulas);
        $setting = new Setting($type, $slide->part, $lesson->media, SlideFacts::of($slide), $arrangement->isCentred());
        [$groups, $room] = $this->ground($slide, $setting);
        $boxes = $overfull = $problems = [];
        foreach ($arrangement->regions($room) as $name => $region) {
            $blocks = array_values(array_filter($slide->blocks, static fn (Block $block): bool => $block->region === $name || ($name === $arrangement->names()[0] && ! in_array($block->region, $arrangement->names(), true))));
            $painted = $this->region($slide, $blocks, $region, $setting);
            array_push($groups, ...$painted->groups);
            $boxes += $painted->boxes;
            array_push($overfull, ...$painted->overfull);
            $problems += $painted->problems;
        }

        return new Scene($groups, $boxes, $overfull, $problems);
    }

    /**
     * Paper, the colour of the part, and the title.
     *
     * @return array{list<Group>, Box} the groups, and the room left for blocks
     */
    private function ground(Slide $slide, Setting $setting): array
    {
        $first = $slide->steps[0]->id;
        $shapes = [
            Shape::rectangle(new Box(0, 0, Scene::WIDTH, Scene::HEIGHT), Paint::filled('#FFFEFB')),
            Shape::rectangle(new Box(0, 0, 28, Scene::HEIGHT), Paint::filled($setting->tint())),
            Shape::rectangle(new Box(28, 0, 3, Scene::HEIGHT), Paint::filled($setting->strong())),
        ];
        $room = new Box(90, 60, 1430, 780);
        if ($slide->title !== '') {
            $centred = $setting->centred;
            $style = new TextStyle($centred ? 76 : 56, $setting->strong(), true, $centred ? 0.5 : 0, 1.2);
            $title = $setting->type->fit($setting->filled($slide->title), 1430, $centred ? 200 : 130, $style, 36);
            array_push($shapes, ...$title->shapes(90, $centred ? 90 : 44));
            $top = ($centred ? 90 : 44) + $title->height() + 30;
            $room = new Box(90, $top, 1430, 845 - $top);
        }

        return [[new Group('', 'ground', $first, 0, $shapes, words: $setting->spoken($slide->title))], $room];
    }

    /** @param  list<Block>  $blocks */
    private function region(Slide $slide, array $blocks, Box $region, Setting $setting): Scene
    {
        $problems = [];
        $blocks = array_values(array_filter($blocks, function (Block $block) use ($region, $setting, &$problems): bool {
            try {
                Blocks::kind($block->kind)->layout($block->content, new Room($region->width, null, Typesetter::SMALLEST, $setting));

                return true;
            } catch (InvalidQuantities $error) {
                $problems[$block->id] = $error->getMessage();

                return false;
            }
        }));
        $size = $this->size($blocks, $region, $setting);
        $heights = $this->heights($blocks, $region, $size, $setting);
        $y = $region->y;
        $groups = $boxes = $overfull = [];
        foreach ($blocks as $index => $block) {
            $kind = Blocks::kind($block->kind);
            $fits = $y + $heights[$index] <= $region->bottom() + 0.5;
            if (! $fits) {
                $overfull[] = $block->id;
            }
            if ($fits) {
                $layout = $kind->layout($block->content, new Room($region->width, $heights[$index], $size, $setting));
                array_push($groups, ...self::groups($slide, $block, $layout, $kind->words($block->content, $setting), $region->x, $y));
                $boxes[$block->id] = new Box($region->x, $y, $region->width, $layout->height);
                $y += $layout->height + self::GAP;
            }
        }

        return new Scene($groups, $boxes, $overfull, $problems);
    }

    /** @param  list<Block>  $blocks */
    private function size(array $blocks, Box $region, Setting $setting): float
    {
        for ($size = self::LARGEST; $size > Typesetter::SMALLEST; $size -= 2) {
            if (array_sum($this->least($blocks, $region, $size, $setting)) + self::GAP * (count($blocks) - 1) <= $region->height) {
                return $size;
            }
        }

        return Typesetter::SMALLEST;
    }

    /**
     * @param  list<Block>  $blocks
     * @return list<float>
     */
    private function least(array $blocks, Box $region, float $size, Setting $setting): array
    {
        return array_map(static function (Block $block) use ($region, $size, $setting): float {
            $kind = Blocks::kind($block->kind);

            return $kind->leastHeight($block->content) ?? $kind->layout($block->content, new Room($region->width, null, $size, $setting))->height;
        }, $blocks);
    }

    /**
     * @param  list<Block>  $blocks
     * @return list<float>
     */
    private function heights(array $blocks, Box $region, float $size, Setting $setting): array
    {
        $heights = $this->least($blocks, $region, $size, $setting);
        $stretching = array_keys(array_filter($blocks, static fn (Block $block): bool => Blocks::kind($block->kind)->leastHeight($block->content) !== null));
        $left = $region->height - array_sum($heights) - self::GAP * (count($blocks) - 1);
        if ($stretching !== [] && $left > 0) {
            foreach ($stretching as $index) {
                $heights[$index] += $left / count($stretching);
            }
        }

        return array_values($heights);
    }

    /**
     * @param  array<string, string>  $words
     * @return list<Group>
     */
    private static function groups(Slide $slide, Block $block, Layout $layout, array $words, float $x, float $y): array
    {
        $groups = [];
        foreach ($layout->pieces as $name => $shapes) {
            $piece = (string) $name;
            $step = $piece === Piece::MAIN ? $block->step : $block->stepOf($piece);
            // A piece never appears before its block.
            $number = max($slide->stepNumber($step), $slide->stepNumber($block->step));
            $groups[] = new Group($block->id, $piece, $slide->steps[$number]->id, $number, $shapes, $x, $y, $words[$piece] ?? '', $layout->links[$piece] ?? null);
        }

        return $groups;
    }
}
