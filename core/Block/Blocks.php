<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Block\Clip\ClipBlock;
use Daybright\Block\Comparison\ComparisonBlock;
use Daybright\Block\Figure\FigureBlock;
use Daybright\Block\Heading\HeadingBlock;
use Daybright\Block\Instructions\InstructionsBlock;
use Daybright\Block\Link\LinkBlock;
use Daybright\Block\Pause\PauseBlock;
use Daybright\Block\Picture\PictureBlock;
use Daybright\Block\Question\QuestionBlock;
use Daybright\Block\Quotation\QuotationBlock;
use Daybright\Block\Table\TableBlock;
use Daybright\Block\Term\TermBlock;
use Daybright\Block\Text\TextBlock;
use Daybright\Block\Worked\WorkedBlock;
use Daybright\Lesson\Block;
use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\MergePatch;
use Daybright\Lesson\Slide;
use Daybright\Question\Question;
use WeakMap;

/** The kinds of block: one line each. */
final class Blocks
{
    /** @var non-empty-list<class-string<BlockContent>> */
    public const CATALOGUE = [
        HeadingBlock::class,
        TextBlock::class,
        QuotationBlock::class,
        TermBlock::class,
        PictureBlock::class,
        ComparisonBlock::class,
        ClipBlock::class,
        FigureBlock::class,
        WorkedBlock::class,
        QuestionBlock::class,
        PauseBlock::class,
        InstructionsBlock::class,
        TableBlock::class,
        LinkBlock::class,
    ];

    /** @var WeakMap<Block, BlockContent>|null */
    private static ?WeakMap $contents = null;

    /**
     * What a block holds. A block never changes, so it is read once for as long as it is held: figures and practice sets are costly to
     * make.
     *
     * @throws InvalidLesson
     */
    public static function read(Block $block): BlockContent
    {
        self::$contents ??= new WeakMap;

        return self::$contents[$block] ??= self::fed(self::called($block->kind)::from($block->content), $block);
    }

    /** Shows the numbers of the block that it is fed by, where there is one. */
    private static function fed(BlockContent $content, Block $block): BlockContent
    {
        $source = $block->source === null ? null : self::able($block->source, HoldsTable::class);

        return $source !== null && $content instanceof FedByTable ? $content->fedBy($source) : $content;
    }

    /**
     * What a block holds, if blocks of its kind can do something; others are not even read.
     *
     * @template Ability of object
     *
     * @param  class-string<Ability>  $ability
     * @return Ability|null
     */
    public static function able(Block $block, string $ability): ?object
    {
        if (! is_a(self::called($block->kind), $ability, true)) {
            return null;
        }
        $content = self::read($block);

        return $content instanceof $ability ? $content : null;
    }

    /**
     * A block after acts: whatever its kind, it can be written on.
     *
     * @param  array<mixed>  $change all acts so far as one merge patch
     * @return Block|null null where it may not be changed so, or cannot be read then
     */
    public static function changed(Block $block, array $change): ?Block
    {
        $own = array_diff_key($change, [Annotations::NAME => true]);
        if (! Annotations::allow($change) || ($own !== [] && self::able($block, Live::class)?->allows($own) !== true)) {
            return null;
        }
        $changed = $block->with(new Fields(MergePatch::apply($block->content->raw(), $change), $block->content->pointer));
        try {
            $content = self::read($changed);
        } catch (InvalidLesson) {
            return null;
        }

        return $own !== [] && $content instanceof Unfinished && $content->missing() !== null ? null : $changed;
    }

    /** What has been done to a block from one state to another, in words; empty where nothing was. */
    public static function done(Block $before, Block $after): string
    {
        return implode(' and ', array_filter([
            self::able($after, Live::class)?->done(self::read($before)) ?? '',
            Annotations::on($after)->done(Annotations::on($before)),
        ]));
    }

    /**
     * The piece with the answer, where a block with this content asks something that has one.
     *
     * @param  array<string, mixed>  $content
     */
    public static function answerPieceOf(string $kind, array $content): ?string
    {
        return is_a(self::called($kind), AsksQuestion::class, true)
            ? self::answerPiece(self::called($kind)::from(new Fields($content)))
            : null;
    }

    /** The piece with the answer of what asks something that has one. */
    public static function answerPiece(BlockContent $content): ?string
    {
        if (! $content instanceof AsksQuestion) {
            return null;
        }
        $answers = array_filter($content->pieces(), static fn (BlockPiece $piece): bool => $piece->name === $content::answerPiece());

        return $answers === [] ? null : $content::answerPiece();
    }

    /** The question that a block asks, if it is of a kind that asks one. */
    public static function questionOf(Block $block): ?Question
    {
        return self::able($block, AsksQuestion::class)?->question();
    }

    /** The same question in words, where nothing is set: facts filled in, no signs of typesetting. */
    public static function questionInWords(Slide $slide, Block $block): ?Question
    {
        return self::questionOf($block)?->inWords(SlideFacts::on($slide));
    }

    /**
     * @return class-string<BlockContent>
     *
     * @throws InvalidLesson
     */
    public static function called(string $name): string
    {
        foreach (self::CATALOGUE as $kind) {
            if ($kind::name() === $name) {
                return $kind;
            }
        }
        throw InvalidLesson::unknownKind($name, '');
    }
}
