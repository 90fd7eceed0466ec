<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\BlockLayout;
use Daybright\Block\Blocks;
use Daybright\Block\FillsSlide;
use Daybright\Block\LayoutBounds;
use Daybright\Block\StandsAlone;
use Daybright\Block\TakesRoom;
use Daybright\Lesson\Block;
use Daybright\Lesson\Slide;
use Daybright\Scene\Box;
use Daybright\Scene\Group;
use Daybright\Scene\Paint;
use Daybright\Scene\Palette;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** One great picture fills the slide; the title and a few words stand on a quiet field over its lower edge. */
final readonly class PictureSlide
{
    /** Shapes of pictures of which little is cut off, as width over height. */
    private const NARROWEST = 1.6;

    private const WIDEST = 1.98;

    /** An opening slide wants its picture large, and more of it may be cut off. */
    private const NARROWEST_OPENING = 1.2;

    private const WIDEST_OPENING = 2.4;

    /** More letters than these would hide the picture. */
    private const MOST_LETTERS = 130;

    /** Where the teacher wants the picture to fill the slide. */
    private const MOST_LETTERS_WANTED = 300;

    private const FIELD = '#0B161D';

    /** Dark enough for white words over any picture: 4.5 : 1 over white is reached from 0.61 on. */
    private const OPACITY = 0.68;

    private const TITLE = 88.0;

    private const TEXT = 46.0;

    private const GAP = 10.0;

    private const MARGIN = 30.0;

    private const WORDS_END = 822.0;

    /** @param  list<Block>  $words */
    private function __construct(
        private Slide $slide,
        private Block $picture,
        private array $words,
        private Look $look,
        private RenderContext $context,
    ) {
    }

    /**
     * @param  list<Block>  $blocks of the slide that can be drawn
     * @return self|null null where the slide is not of this sort
     */
    public static function of(Slide $slide, array $blocks, Look $look, RenderContext $context): ?self
    {
        $arrangement = Arrangement::tryFrom($slide->arrangement) ?? Arrangement::Whole;
        $isPage = $slide->title === '' && $arrangement === Arrangement::Filled;
        $sorts = [Arrangement::Whole, Arrangement::Opening, Arrangement::Filled];
        if (! in_array($arrangement, $sorts, true) || ($slide->title === '' && ! $isPage)) {
            return null;
        }
        $pictures = array_values(array_filter($blocks, static fn (Block $block): bool => Blocks::able($block, FillsSlide::class) !== null));
        $words = array_values(array_filter($blocks, static fn (Block $block): bool => Blocks::able($block, StandsAlone::class) !== null));
        if (count($pictures) !== 1 || count($words) + 1 !== count($blocks)) {
            return null;
        }
        $said = implode(' ', array_map(static fn (Block $block): string => implode(' ', Blocks::read($block)->words($context)), $words));
        $self = new self($slide, $pictures[0], $words, $look, $context);
        if ($arrangement === Arrangement::Filled && ! $isPage) {
            return mb_strlen($said) <= self::MOST_LETTERS_WANTED ? $self : null;
        }
        $shape = Blocks::able($pictures[0], TakesRoom::class)?->shape($context) ?? 0.0;
        $isOpening = $arrangement === Arrangement::Opening;
        $fits = $shape >= ($isOpening ? self::NARROWEST_OPENING : self::NARROWEST)
            && $shape <= ($isOpening ? self::WIDEST_OPENING : self::WIDEST);

        // A page that is taken as it looked is seen whole, with nothing over it.
        return $fits && ($isPage ? $words === [] : mb_strlen($said) <= self::MOST_LETTERS) ? $self : null;
    }

    public function scene(): Scene
    {
        $whole = new Box(0, 0, Scene::WIDTH, Scene::HEIGHT);
        $width = Scene::WIDTH - 2 * Format::Wide->margin();
        $style = new TextStyle(self::TITLE, Paint::CARD, true, 0, 1.16);
        $title = $this->context->type->fit($this->context->filled($this->slide->title), $width, 220, $style, 44);
        $bounds = new LayoutBounds($width, null, self::TEXT, $this->context);
        $texts = array_map(static fn (Block $block): BlockLayout => Blocks::read($block)->layout($bounds), $this->words);
        $height = $title->height() + array_sum(array_map(static fn (BlockLayout $text): float => $text->height + self::GAP, $texts));
        $top = self::WORDS_END - $height;
        $night = self::night($this->context);
        $filling = Blocks::able($this->picture, FillsSlide::class)?->filling($whole, $this->context);
        $field = new Box(0, $top - self::MARGIN, Scene::WIDTH, Scene::HEIGHT - $top + self::MARGIN);
        $first = $this->slide->steps[0]->id;
        $groups = [
            ...$this->look->ground(Format::Wide, $this->slide->part, $first),
            ...$filling === null ? [] : PlacedBlock::grouped(
                $this->slide,
                $this->picture,
                $filling,
                Blocks::read($this->picture)->words($this->context),
                $this->look->palette(),
                [0.0, 0.0, 1.0],
            ),
            ...$this->slide->title === '' ? [] : [new Group('', SlideTitle::PIECE, $first, 0, [
                Shape::rectangle($field, Paint::translucent(self::FIELD, self::OPACITY)),
                ...$title->shapes(Format::Wide->margin(), $top),
                ...Horizon::shapes(Format::Wide, $this->slide->part, '#FFFFFF', '#8C989F'),
            ], words: $this->context->spoken($this->slide->title))],
        ];
        // A page has words of its own where a title would be typed.
        $fields = $this->slide->title === ''
            ? []
            : ['' => [SlideTitle::field($title, Format::Wide->margin(), $top)->placed(0, 0, 1, $night)]];
        $boxes = [$this->picture->id => new Box(0, 0, Scene::WIDTH, $field->y)];
        $y = $top + $title->height() + self::GAP;
        foreach ($this->words as $number => $block) {
            $words = Blocks::read($block)->words($this->context);
            $at = [Format::Wide->margin(), $y, 1.0];
            array_push($groups, ...PlacedBlock::grouped($this->slide, $block, $texts[$number], $words, $night, $at));
            $fields[$block->id] = PlacedBlock::placedFields($texts[$number], $night, $at);
            $boxes[$block->id] = new Box(Format::Wide->margin(), $y, $width, $texts[$number]->height);
            $y += $texts[$number]->height + self::GAP;
        }

        return new Scene(
            $groups,
            $boxes,
            [],
            [],
            fields: $fields,
            handles: [$this->picture->id => $filling->handles ?? []],
        );
    }

    /** @return array<string, StandingBlock> by block */
    public function standing(): array
    {
        $scene = $this->scene();
        $standing = [];
        foreach ($scene->boxes as $id => $box) {
            $groups = array_filter($scene->groups, static fn (Group $group): bool => $group->block === $id);
            $standing[$id] = new StandingBlock(array_values($groups), $box);
        }

        return $standing;
    }

    /** White on the field, whatever the look. */
    private static function night(RenderContext $context): Palette
    {
        return new Palette([
            Paint::INK => '#FFFFFF',
            Paint::QUIET => '#E9EDEF',
            $context->strong => '#FFFFFF',
            Paint::CARD => '#22313A',
        ], true);
    }
}
