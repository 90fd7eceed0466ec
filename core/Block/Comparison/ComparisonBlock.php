<?php

declare(strict_types=1);

namespace Daybright\Block\Comparison;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\Picture\PictureWords;
use Daybright\Block\Picture\Point;
use Daybright\Block\ShowsPictures;
use Daybright\Block\TakesRoom;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\Picture;
use Daybright\Scene\PointHandle;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** Two pictures in one place, parted by a border that can be moved over them. */
final readonly class ComparisonBlock implements BlockContent, ShowsPictures, TakesRoom, Unfinished
{
    private const LEAST_HEIGHT = 220.0;

    private const SECOND = 'second';

    private const GAP = 8.0;

    private const KNOB = 26.0;

    private const LABEL = 34.0;

    /** Between a label's words and its edge. */
    private const MARGIN = 14.0;

    /** @param  string  $first and $second: ids of media; empty while none is chosen */
    private function __construct(
        private string $first,
        private string $second,
        private string $firstLabel,
        private string $secondLabel,
        private Point $border,
    ) {
    }

    public static function name(): string
    {
        return 'comparison';
    }

    public static function label(): string
    {
        return 'Two pictures';
    }

    public static function blank(): array
    {
        return ['first' => null, 'second' => null, 'firstLabel' => '', 'secondLabel' => '', 'border' => ['x' => 0.5, 'y' => 0.5]];
    }

    public static function from(Fields $content): self
    {
        return new self(
            $content->text('first', ''),
            $content->text('second', ''),
            $content->text('firstLabel', ''),
            $content->text('secondLabel', ''),
            Point::from($content, 'border', 0.5, 0.5),
        );
    }

    public function pieces(): array
    {
        return [new BlockPiece(self::SECOND, 'the second picture', $this->secondLabel)];
    }

    public function least(float $width): Box
    {
        return new Box(0, 0, 300, self::LEAST_HEIGHT);
    }

    public function shape(RenderContext $context): ?float
    {
        $picture = $this->measure($context);

        return $picture === null ? null : $picture->width / max(1, $picture->height);
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $height = $bounds->height ?? self::LEAST_HEIGHT;
        $context = $bounds->context;
        $credit = $this->credit($bounds, $height);
        $words = new PictureWords(null, $credit, $bounds->width);
        $below = $credit === null ? 0.0 : $words->height() + self::GAP;
        $space = new Box(0, 0, $bounds->width, max(40.0, $height - $below));
        $measure = $this->measure($context);
        $place = $measure === null ? $space : $space->fitted($measure->width, $measure->height);
        $right = new Box($place->x + $this->border->x * $place->width, $place->y, (1 - $this->border->x) * $place->width, $place->height);
        $firstLabel = $this->labelled($this->firstLabel, $context, $place, 0.0);
        $secondLabel = $this->labelled($this->secondLabel, $context, $place, 1.0);

        return new BlockLayout($height, [
            BlockPiece::MAIN => [
                ...$this->picture($this->first, $place, $context),
                ...$this->firstLabel === '' ? [] : $firstLabel->shapes($context),
                ...$words->creditBelow($place, $place->bottom() + self::GAP),
            ],
            self::SECOND => [
                Shape::window($right, $right, $this->picture($this->second, $place, $context))->marked('border-second'),
                ...$this->secondLabel === '' ? [] : $secondLabel->shapes($context),
                ...$this->knob($right, $context),
                Shape::rectangle($place, Paint::filled('none'))->marked('border-area'),
            ],
        ], [], [
            $firstLabel->field('firstLabel', 'Label of the first picture'),
            $secondLabel->field('secondLabel', 'Label of the second picture'),
        ], [new PointHandle('border', 'Border', $place, $this->border->x, $this->border->y)]);
    }

    /** What gives the place its shape. */
    private function measure(RenderContext $context): ?Picture
    {
        return $context->pictures[$this->first] ?? $context->pictures[$this->second] ?? null;
    }

    /**
     * On a ground of its own, so that nothing of the other is seen through it.
     *
     * @return list<Shape>
     */
    private function picture(string $medium, Box $place, RenderContext $context): array
    {
        return isset($context->pictures[$medium])
            ? [Shape::rectangle($place, Paint::filled(Paint::CARD)), Shape::image($place, $medium, true)]
            : [Shape::rectangle($place, Paint::outlined(Paint::QUIET, 3, '#F4F1E8', '14 10'), 10)];
    }

    /** @return list<Shape> */
    private function knob(Box $right, RenderContext $context): array
    {
        $x = $right->x;
        $y = $right->y + $this->border->y * $right->height;
        $arrow = static fn (float $to): Shape => Shape::polyline(
            [[$x + 0.3 * $to, $y - self::KNOB * 0.35], [$x + 0.68 * $to, $y], [$x + 0.3 * $to, $y + self::KNOB * 0.35]],
            Paint::outlined($context->strong, 4),
        );

        return array_map(static fn (Shape $shape): Shape => $shape->marked('border-line'), [
            Shape::polyline([[$x, $right->y], [$x, $right->bottom()]], Paint::outlined(Paint::CARD, 8)),
            Shape::polyline([[$x, $right->y], [$x, $right->bottom()]], Paint::outlined($context->strong, 3)),
            Shape::circle($x, $y, self::KNOB, Paint::outlined($context->strong, 3, Paint::CARD)),
            $arrow(-self::KNOB),
            $arrow(self::KNOB),
        ]);
    }

    /** @param  float  $side of the place: 0 left, 1 right */
    private function labelled(string $text, RenderContext $context, Box $place, float $side): CornerLabel
    {
        $style = new TextStyle(max(Typesetter::SMALLEST, min(self::LABEL, $place->width * 0.04)), Paint::INK, true);
        $set = $context->type->fit($context->filled($text), $place->width * 0.42, $place->height * 0.4, $style);
        $width = ($text === '' ? $place->width * 0.42 : $set->width()) + 2 * self::MARGIN;
        $x = $place->x + $side * ($place->width - $width);

        return new CornerLabel(new Box($x, $place->y, $width, $set->height() + self::MARGIN), $set, self::MARGIN);
    }

    private function credit(LayoutBounds $bounds, float $height): ?SetText
    {
        $lines = array_map(
            static fn (string $id): string => ($bounds->context->pictures[$id] ?? null)?->creditLine() ?? '',
            [$this->first, $this->second],
        );
        $text = implode(' · ', array_unique(array_filter($lines, static fn (string $line): bool => $line !== '')));

        return $text === '' ? null : $bounds->context->type->fit(
            $text,
            $bounds->width,
            $height * 0.3,
            new TextStyle(Typesetter::SMALLEST, Paint::QUIET),
        );
    }

    public function words(RenderContext $context): array
    {
        $said = static function (string $label, string $medium) use ($context): string {
            $shows = ($context->pictures[$medium] ?? null)->description ?? '';

            return implode(': ', array_filter([$context->spoken($label), $shows === '' ? '' : 'Picture: '.$shows]));
        };

        return array_filter([
            BlockPiece::MAIN => $said($this->firstLabel, $this->first),
            self::SECOND => $said($this->secondLabel, $this->second),
        ]);
    }

    public function statements(): array
    {
        return [];
    }

    public function media(): array
    {
        return array_values(array_filter([$this->first, $this->second], static fn (string $id): bool => $id !== ''));
    }

    public function missing(): ?string
    {
        return match (true) {
            $this->first === '' => 'The first of the two pictures has not been chosen yet. Choose one or take the block away.',
            $this->second === '' => 'The second of the two pictures has not been chosen yet. Choose one or take the block away.',
            default => null,
        };
    }
}
