<?php

declare(strict_types=1);

namespace Daybright\Block\Term;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\ShowsPictures;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A word with its meaning, a picture and a hook to remember it by. */
final readonly class TermBlock implements BlockContent, ShowsPictures
{
    private const MARGIN = 24.0;

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

    public function leastHeight(): ?float
    {
        return null;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $medium = $bounds->context->pictures[$this->picture] ?? null;
        $pictureWidth = $medium === null ? 0.0 : min($bounds->width * 0.34, 300.0);
        $textLeft = self::MARGIN + ($pictureWidth > 0 ? $pictureWidth + self::MARGIN : 0);
        $textWidth = $bounds->width - $textLeft - self::MARGIN;
        $word = $bounds->text($this->word, 1.25, $bounds->context->strong, true, $textWidth);
        $meaning = $bounds->text($this->meaning, 1, Paint::INK, false, $textWidth);
        $hook = $this->hook !== '' ? $bounds->text($this->hook, 0.86, Paint::QUIET, false, $textWidth) : null;
        $y = self::MARGIN;
        $main = $word->shapes($textLeft, $y);
        $y += $word->height() + 6;
        $meaningShapes = $meaning->shapes($textLeft, $y);
        $y += $meaning->height();
        $hookShapes = [];
        if ($hook !== null) {
            $y += 12;
            $hookShapes = [
                Shape::polyline([[$textLeft, $y], [$textLeft + min(120, $textWidth), $y]], Paint::outlined($bounds->context->strong, 3)),
                ...$hook->shapes($textLeft, $y + 8),
            ];
            $y += 8 + $hook->height();
        }
        $height = max($y, $pictureWidth * 0.75 + self::MARGIN) + self::MARGIN;
        $card = [
            Shape::rectangle(new Box(0, 0, $bounds->width, $height), Paint::outlined(Paint::RULE, 2, '#FFFFFF'), 10),
            Shape::rectangle(new Box(0, 0, 8, $height), Paint::filled($bounds->context->strong), 4),
        ];
        if ($medium !== null) {
            $card[] = Shape::image(
                (new Box(self::MARGIN, self::MARGIN, $pictureWidth, $height - 2 * self::MARGIN))->fitted($medium->width, $medium->height),
                $medium->id,
            );
        }

        return new BlockLayout(
            $height,
            array_filter([BlockPiece::MAIN => [...$card, ...$main], 'meaning' => $meaningShapes, 'hook' => $hookShapes]),
        );
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

    public function media(): array
    {
        return $this->picture === '' ? [] : [$this->picture];
    }
}
