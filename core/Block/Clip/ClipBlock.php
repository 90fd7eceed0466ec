<?php

declare(strict_types=1);

namespace Daybright\Block\Clip;

use Daybright\Block\BlockContent;
use Daybright\Block\BlockLayout;
use Daybright\Block\BlockPiece;
use Daybright\Block\LayoutBounds;
use Daybright\Block\PlaysClip;
use Daybright\Block\ShowsPictures;
use Daybright\Block\TakesRoom;
use Daybright\Block\Unfinished;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A short film or sound: its picture with the sign that it plays, how long it is, and its title. */
final readonly class ClipBlock implements BlockContent, PlaysClip, ShowsPictures, TakesRoom, Unfinished
{
    private const LEAST_HEIGHT = 200.0;

    private const GAP = 12.0;

    /** Of a film whose picture is not known, and of a sound. */
    private const SHAPE = 16 / 9;

    private const SOUND = 3.0;

    private function __construct(
        private string $title,
        private string $medium,
        private string $poster,
        private bool $isComing,
        private ?MarkedClip $clip,
    ) {
    }

    public static function name(): string
    {
        return 'clip';
    }

    public static function label(): string
    {
        return 'Clip';
    }

    public static function blank(): array
    {
        return ['medium' => null, 'poster' => null, 'title' => '', 'from' => 0, 'to' => 0, 'captions' => []];
    }

    public static function from(Fields $content): self
    {
        return new self(
            $content->text('title', ''),
            $content->text('medium', ''),
            $content->text('poster', ''),
            $content->text('coming', '') !== '',
            MarkedClip::from($content),
        );
    }

    public function clip(): ?MarkedClip
    {
        return $this->clip;
    }

    public function pieces(): array
    {
        return [];
    }

    public function least(float $width): Box
    {
        return new Box(0, 0, 320, self::LEAST_HEIGHT);
    }

    public function shape(RenderContext $context): float
    {
        $poster = $context->pictures[$this->poster] ?? null;
        if ($poster !== null) {
            return $poster->width / max(1.0, $poster->height);
        }

        return $this->clip === null ? self::SHAPE : self::SOUND;
    }

    public function layout(LayoutBounds $bounds): BlockLayout
    {
        $context = $bounds->context;
        $height = $bounds->height ?? self::LEAST_HEIGHT;
        $title = $bounds->text($this->title, 1, Paint::INK, true, null, 0);
        $room = new Box(0, 0, $bounds->width, max(80.0, $height - $title->height() - self::GAP));
        $place = $room->fitted($this->shape($context), 1.0);
        // A title that is still to be typed has no room of its own yet: it is typed on the picture.
        $below = $this->title === ''
            ? $place->bottom() - self::GAP - $bounds->text('T', 1, Paint::INK, true)->height()
            : $place->bottom() + self::GAP;

        return new BlockLayout($height, [BlockPiece::MAIN => [
            $this->picture($place, $context),
            ...$this->sign($place, $context),
            ...$this->length($place, $bounds),
            ...$title->shapes($place->x, $below),
        ]], [], [$title->field('title', 'Title of the clip', $place->x, $below)]);
    }

    private function picture(Box $place, RenderContext $context): Shape
    {
        if (isset($context->pictures[$this->poster])) {
            return Shape::image($place, $this->poster, true);
        }

        return $this->clip === null
            ? Shape::rectangle($place, Paint::outlined(Paint::QUIET, 3, 'none', '14 10'), 10)
            : Shape::rectangle($place, Paint::filled($context->strong), 10);
    }

    /** @return list<Shape> that it plays: a light disc with a dark triangle, seen on any picture */
    private function sign(Box $place, RenderContext $context): array
    {
        $radius = min(64.0, $place->height * 0.3, $place->width * 0.3);
        $x = $place->middleX();
        $y = $place->middleY();

        return [
            Shape::circle($x, $y, $radius, Paint::outlined(Paint::INK, 3, Paint::PAPER)),
            Shape::polygon(
                [
                    [$x - $radius * 0.3, $y - $radius * 0.45],
                    [$x + $radius * 0.5, $y],
                    [$x - $radius * 0.3, $y + $radius * 0.45],
                ],
                Paint::filled($context->strong),
            ),
        ];
    }

    /** @return list<Shape> how long it plays, in its corner */
    private function length(Box $place, LayoutBounds $bounds): array
    {
        if ($this->clip === null) {
            return [];
        }
        $seconds = $this->clip->waits();
        $label = $bounds->text(sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60), LayoutBounds::SMALL, Paint::INK, false, null, 0);
        $field = new Box(
            $place->right() - $label->width() - 40,
            $place->bottom() - $label->height() - 28,
            $label->width() + 28,
            $label->height() + 16,
        );

        return [Shape::rectangle($field, Paint::filled(Paint::PAPER), 8), ...$label->shapes($field->x + 14, $field->y + 8)];
    }

    public function words(RenderContext $context): array
    {
        return [BlockPiece::MAIN => implode(': ', array_filter([
            $this->clip === null ? 'Clip' : "Clip of {$this->clip->waits()} seconds",
            rtrim($context->spoken($this->title), '.'),
        ]))];
    }

    public function statements(): array
    {
        return [];
    }

    public function media(): array
    {
        return $this->medium === '' ? [] : [$this->medium];
    }

    public function missing(): ?string
    {
        return match (true) {
            $this->isComing => 'The clip is on its way. It stands here when it has been sent and made ready.',
            $this->medium === '' => 'No clip has been chosen yet. Choose or film one, or take the block away.',
            $this->clip === null => 'Nothing of the clip is played: its end stands before its beginning.',
            default => null,
        };
    }
}
