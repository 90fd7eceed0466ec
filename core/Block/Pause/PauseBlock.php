<?php

declare(strict_types=1);

namespace Daybright\Block\Pause;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\GetsUp;
use Daybright\Block\LayoutBounds;
use Daybright\Block\Stops;
use Daybright\Block\WrittenInPlace;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Statement;
use Daybright\Question\ThinkingTime;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A place to stop and do something that is not handed in: build, measure, read, think. */
final readonly class PauseBlock implements BlockContent, GetsUp, Stops, WrittenInPlace
{
    private const MARGIN = 24.0;

    /**
     * @param  int  $seconds to wait
     * @param  bool  $getsUp whether it is a break in which to move
     */
    private function __construct(private string $prompt, private int $seconds, private bool $getsUp)
    {
    }

    public static function name(): string
    {
        return 'pause';
    }

    public static function label(): string
    {
        return 'Pause point';
    }

    public static function blank(): array
    {
        return ['prompt' => 'Stop the lesson and try.', 'marks' => 1, 'seconds' => null];
    }

    public static function from(Fields $content): self
    {
        return new self(
            $content->text('prompt', ''),
            ThinkingTime::seconds($content->optionalNumber('seconds'), $content->whole('marks', 1)),
            $content->flag('move'),
        );
    }

    public function pieces(): array
    {
        return [];
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $text = $bounds->text($this->prompt, 1.1, $bounds->context->strong, true, $bounds->width - 2 * self::MARGIN - 70);
        $height = max($text->height(), 60.0) + 2 * self::MARGIN;
        $bars = [new Box(self::MARGIN, $height / 2 - 24, 14, 48), new Box(self::MARGIN + 26, $height / 2 - 24, 14, 48)];

        return new BlockLayout($height, [BlockPiece::MAIN => [
            Shape::rectangle(new Box(0, 0, $bounds->width, $height), Paint::filled($bounds->context->tint), 12),
            ...array_map(static fn (Box $bar): Shape => Shape::rectangle($bar, Paint::filled($bounds->context->strong), 3), $bars),
            ...$text->shapes(self::MARGIN + 66, ($height - $text->height()) / 2),
        ]], [], [$text->field('prompt', 'What to do while the lesson waits', self::MARGIN + 66, ($height - $text->height()) / 2)]);
    }

    public function words(RenderContext $context): array
    {
        return [BlockPiece::MAIN => $context->spoken($this->prompt)];
    }

    public function statements(): array
    {
        return [new Statement($this->prompt, 'prompt')];
    }

    public function waits(): int
    {
        return $this->seconds;
    }

    public function getsUp(): bool
    {
        return $this->getsUp;
    }

    public function asks(): string
    {
        return $this->prompt;
    }
}
