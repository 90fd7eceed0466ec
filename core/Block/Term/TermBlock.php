<?php

declare(strict_types=1);

namespace Daybright\Block\Term;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\ExplainsTerm;
use Daybright\Block\LayoutBounds;
use Daybright\Block\ShowsPictures;
use Daybright\Block\SpreadsOut;
use Daybright\Block\StandsInRow;
use Daybright\Block\WrittenInPlace;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A word with its meaning, a picture and a hook to remember it by. */
final readonly class TermBlock implements BlockContent, ExplainsTerm, ShowsPictures, SpreadsOut, StandsInRow, WrittenInPlace
{
    private const MARGIN = 36.0;

    private const GAP = 20.0;

    /** A card narrower than this has its picture above its words. */
    private const UPRIGHT = 760.0;

    /** The least height of its picture. */
    private const PICTURE = 150.0;

    /** @param  string  $picture id of a medium; empty for none */
    private function __construct(private string $word, private string $meaning, private string $hook, private string $picture)
    {
    }

    public static function name(): string
    {
        return 'term';
    }

    public static function label(): string
    {
        return 'Term card';
    }

    public static function blank(): array
    {
        return ['word' => '', 'meaning' => '', 'hook' => '', 'picture' => null];
    }

    public static function from(Fields $content): self
    {
        return new self(
            $content->text('word', ''),
            $content->text('meaning', ''),
            $content->text('hook', ''),
            $content->text('picture', ''),
        );
    }

    public function pieces(): array
    {
        $pieces = [new BlockPiece('meaning', 'the meaning', $this->meaning)];
        if ($this->hook !== '') {
            $pieces[] = new BlockPiece('hook', 'the hook', "Remember {$this->word} like this: {$this->hook}");
        }

        return $pieces;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $upright = $bounds->width < self::UPRIGHT;
        $picture = $bounds->context->pictures[$this->picture] ?? null;
        $beside = $picture !== null && ! $upright ? min($bounds->width * 0.34, 400.0) + self::MARGIN : 0.0;
        $width = $bounds->width - 2 * self::MARGIN - $beside;
        $align = $upright ? 0.5 : 0.0;
        $word = $bounds->text($this->word, LayoutBounds::HEADLINE, $bounds->context->strong, true, $width, $align);
        $meaning = $bounds->text($this->meaning, 1, Paint::INK, false, $width, $align);
        $hook = $bounds->text($this->hook, LayoutBounds::SMALL, Paint::QUIET, false, $width, $align);
        $words = $word->height() + 8 + $meaning->height() + ($this->hook === '' ? 0.0 : 12 + $hook->height());
        $above = $picture !== null && $upright ? self::PICTURE + self::GAP : 0.0;
        $least = max($words + $above, $beside > 0 ? self::PICTURE : 0.0) + 2 * self::MARGIN;
        $height = max($least, $bounds->height ?? $least);
        $left = self::MARGIN + $beside;
        // The picture takes what the words leave of a higher card.
        $room = $above > 0 ? $height - $words - self::GAP - 2 * self::MARGIN : $height - 2 * self::MARGIN;
        $y = $above > 0 ? self::MARGIN + $room + self::GAP : ($height - $words) / 2;
        $main = $bounds->context->cards->shapes(new Box(0, 0, $bounds->width, $height), $bounds->context->strong);
        if ($picture !== null) {
            $place = new Box(self::MARGIN, self::MARGIN, $upright ? $width : $beside - self::MARGIN, $room);
            $main[] = Shape::image($place->fitted($picture->width, $picture->height), $picture->id);
        }
        array_push($main, ...$word->shapes($left, $y));
        $belowWord = $y + $word->height() + 8;
        $belowMeaning = $belowWord + $meaning->height() + 12;

        return new BlockLayout($height, array_filter([
            BlockPiece::MAIN => $main,
            'meaning' => $meaning->shapes($left, $belowWord),
            'hook' => $this->hook === '' ? [] : $hook->shapes($left, $belowMeaning),
        ]), [], [
            $word->field('word', 'Word', $left, $y),
            $meaning->field('meaning', 'Meaning', $left, $belowWord),
            $hook->field('hook', 'A hook to remember it by', $left, $belowMeaning),
        ]);
    }

    public function words(RenderContext $context): array
    {
        $medium = $context->pictures[$this->picture] ?? null;
        $word = $context->spoken($this->word);

        return array_filter([
            BlockPiece::MAIN => $word.($medium === null || $medium->description === '' ? '' : '. Picture: '.$medium->description),
            'meaning' => $context->spoken($this->meaning),
            'hook' => $context->spoken($this->hook),
        ]);
    }

    public function statements(): array
    {
        return [new Statement($this->meaning, 'meaning'), new Statement($this->hook, 'hook')];
    }

    public function term(): string
    {
        return $this->word;
    }

    public function media(): array
    {
        return $this->picture === '' ? [] : [$this->picture];
    }
}
