<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\Blocks;
use Daybright\Block\CannotBeDrawn;
use Daybright\Block\LayoutBounds;
use Daybright\Block\SlideFacts;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Media\Medium;
use Daybright\Lesson\Media\Picture\PictureMedium;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\Picture;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typeface;
use Daybright\Scene\Typesetter;

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
        $context = new RenderContext(
            $type,
            $slide->part->tint(),
            $slide->part->strong(),
            self::pictures($lesson),
            SlideFacts::on($slide),
            $arrangement->isCentred(),
        );
        [$groups, $room] = $this->ground($slide, $context);
        $boxes = $overfull = $problems = [];
        foreach ($arrangement->regions($room) as $name => $region) {
            $blocks = array_values(array_filter(
                $slide->blocks,
                static fn (Block $block): bool => $block->region === $name
                    || ($name === $arrangement->names()[0] && ! in_array($block->region, $arrangement->names(), true)),
            ));
            $painted = $this->region($slide, $blocks, $region, $context);
            array_push($groups, ...$painted->groups);
            $boxes += $painted->boxes;
            array_push($overfull, ...$painted->overfull);
            $problems += $painted->problems;
        }

        return new Scene($groups, $boxes, $overfull, $problems);
    }

    /** @return array<string, Picture> */
    private static function pictures(Lesson $lesson): array
    {
        return array_map(
            static fn (PictureMedium $medium): Picture => new Picture(
                $medium->id,
                $medium->width,
                $medium->height,
                $medium->description,
                $medium->credit,
                $medium->licence,
            ),
            array_filter($lesson->media, static fn (Medium $medium): bool => $medium instanceof PictureMedium),
        );
    }

    /**
     * Paper, the colour of the part, and the title.
     *
     * @return array{list<Group>, Box} the groups, and the room left for blocks
     */
    private function ground(Slide $slide, RenderContext $context): array
    {
        $first = $slide->steps[0]->id;
        $shapes = [
            Shape::rectangle(new Box(0, 0, Scene::WIDTH, Scene::HEIGHT), Paint::filled('#FFFEFB')),
            Shape::rectangle(new Box(0, 0, 28, Scene::HEIGHT), Paint::filled($context->tint)),
            Shape::rectangle(new Box(28, 0, 3, Scene::HEIGHT), Paint::filled($context->strong)),
        ];
        $room = new Box(90, 60, 1430, 780);
        if ($slide->title !== '') {
            $centred = $context->centred;
            $style = new TextStyle($centred ? 76 : 56, $context->strong, true, $centred ? 0.5 : 0, 1.2);
            $title = $context->type->fit($context->filled($slide->title), 1430, $centred ? 200 : 130, $style, 36);
            array_push($shapes, ...$title->shapes(90, $centred ? 90 : 44));
            $top = ($centred ? 90 : 44) + $title->height() + 30;
            $room = new Box(90, $top, 1430, 845 - $top);
        }

        return [[new Group('', 'ground', $first, 0, $shapes, words: $context->spoken($slide->title))], $room];
    }

    /**
     * What cannot be drawn is left out, and the others are laid out without it.
     *
     * @param  list<Block>  $blocks
     */
    private function region(Slide $slide, array $blocks, Box $region, RenderContext $context): Scene
    {
        $problems = [];
        while (true) {
            try {
                $laidOut = $this->laidOut(
                    $slide,
                    array_values(array_filter($blocks, static fn (Block $block): bool => ! isset($problems[$block->id]))),
                    $region,
                    $context,
                );

                return new Scene($laidOut->groups, $laidOut->boxes, $laidOut->overfull, $problems);
            } catch (CannotBeDrawn $trouble) {
                $problems[$trouble->block] = $trouble->getMessage();
            }
        }
    }

    /**
     * @param  list<Block>  $blocks
     *
     * @throws CannotBeDrawn
     */
    private function laidOut(Slide $slide, array $blocks, Box $region, RenderContext $context): Scene
    {
        [$size, $least] = $this->size($blocks, $region, $context);
        $heights = $this->heights($blocks, $region, $least);
        $y = $region->y;
        $groups = $boxes = $overfull = [];
        foreach ($blocks as $index => $block) {
            $fits = $y + $heights[$index] <= $region->bottom() + 0.5;
            if (! $fits) {
                $overfull[] = $block->id;
            }
            if ($fits) {
                $layout = self::layout($block, new LayoutBounds($region->width, $heights[$index], $size, $context));
                array_push($groups, ...self::groups($slide, $block, $layout, Blocks::read($block)->words($context), $region->x, $y));
                $boxes[$block->id] = new Box($region->x, $y, $region->width, $layout->height);
                $y += $layout->height + self::GAP;
            }
        }

        return new Scene($groups, $boxes, $overfull, []);
    }

    /**
     * @param  list<Block>  $blocks
     * @return array{float, list<float>} the size of the text, and the least heights of the blocks at that size
     */
    private function size(array $blocks, Box $region, RenderContext $context): array
    {
        for ($size = self::LARGEST; $size > Typesetter::SMALLEST; $size -= 2) {
            $least = self::least($blocks, $region, $size, $context);
            if (array_sum($least) + self::GAP * (count($blocks) - 1) <= $region->height) {
                return [$size, $least];
            }
        }

        return [Typesetter::SMALLEST, self::least($blocks, $region, Typesetter::SMALLEST, $context)];
    }

    /**
     * @param  list<Block>  $blocks
     * @return list<float>
     */
    private static function least(array $blocks, Box $region, float $size, RenderContext $context): array
    {
        return array_map(
            static fn (Block $block): float => Blocks::read($block)->leastHeight() ?? self::layout(
                $block,
                new LayoutBounds($region->width, null, $size, $context),
            )->height,
            $blocks,
        );
    }

    /** @throws CannotBeDrawn which names the block */
    private static function layout(Block $block, LayoutBounds $bounds): BlockLayout
    {
        try {
            return Blocks::read($block)->layout($bounds);
        } catch (CannotBeDrawn $trouble) {
            throw $trouble->in($block->id);
        }
    }

    /**
     * @param  list<Block>  $blocks
     * @param  list<float>  $heights the least ones
     * @return list<float>
     */
    private function heights(array $blocks, Box $region, array $heights): array
    {
        $stretching = array_keys(array_filter($blocks, static fn (Block $block): bool => Blocks::read($block)->leastHeight() !== null));
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
    private static function groups(Slide $slide, Block $block, BlockLayout $layout, array $words, float $x, float $y): array
    {
        $groups = [];
        foreach ($layout->pieces as $name => $shapes) {
            $piece = (string) $name;
            $step = $piece === BlockPiece::MAIN ? $block->step : $block->stepOf($piece);
            // A piece never appears before its block.
            $number = max($slide->stepNumber($step), $slide->stepNumber($block->step));
            $groups[] = new Group(
                $block->id,
                $piece,
                $slide->steps[$number]->id,
                $number,
                $shapes,
                $x,
                $y,
                $words[$piece] ?? '',
                $layout->links[$piece] ?? null,
            );
        }

        return $groups;
    }
}
