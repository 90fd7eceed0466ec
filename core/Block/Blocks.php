<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Block\Figure\FigureBlock;
use Daybright\Block\Heading\HeadingBlock;
use Daybright\Block\Instructions\InstructionsBlock;
use Daybright\Block\Pause\PauseBlock;
use Daybright\Block\Picture\PictureBlock;
use Daybright\Block\Question\QuestionBlock;
use Daybright\Block\Term\TermBlock;
use Daybright\Block\Text\TextBlock;
use Daybright\Block\Worked\WorkedBlock;
use Daybright\Lesson\Block;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Slide;
use Daybright\Question\Question;

/** The kinds of block: one line each. */
final class Blocks
{
    /** @var array<string, BlockKind>|null */
    private static ?array $kinds = null;

    /** @return array<string, BlockKind> by name */
    public static function all(): array
    {
        if (self::$kinds === null) {
            $kinds = [
                new HeadingBlock,
                new TextBlock,
                new TermBlock,
                new PictureBlock,
                new FigureBlock,
                new WorkedBlock,
                new QuestionBlock,
                new PauseBlock,
                new InstructionsBlock,
            ];
            self::$kinds = array_combine(array_map(static fn (BlockKind $kind): string => $kind->name(), $kinds), $kinds);
        }

        return self::$kinds;
    }

    /** The question that a block asks, if it is of a kind that asks one. */
    public static function questionOf(Block $block): ?Question
    {
        $kind = self::kind($block->kind);

        return $kind instanceof AsksQuestion ? $kind->question($block->content) : null;
    }

    /** The same question in words, where nothing is set: facts filled in, no signs of typesetting. */
    public static function questionInWords(Slide $slide, Block $block): ?Question
    {
        $kind = self::kind($block->kind);

        return $kind instanceof AsksQuestion ? $kind->question(QuestionWords::of($block->content, SlideFacts::of($slide))) : null;
    }

    /** @throws InvalidLesson */
    public static function kind(string $name): BlockKind
    {
        return self::all()[$name] ?? throw InvalidLesson::unknownKind($name, '');
    }
}
