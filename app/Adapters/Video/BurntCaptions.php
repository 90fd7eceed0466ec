<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Daybright\Recording\Cue;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** Captions that are always seen, in a band under the slide: each is drawn once, several on a sheet, and laid in while it is due. */
final class BurntCaptions
{
    // In pixels where the video is 1280 or 720 wide, and even, as those of the countdown.
    public const BAND = 92;

    private const ROW = 36;

    private const PADDING = 8;

    private const STRIP = 2 * self::ROW + self::PADDING;

    /** A row of 42 letters finds room. */
    private const SIZE = 29;

    private const SIZE_TALL = 26;

    /** @var array<int, string> the sheet that was used last, by its number */
    private array $sheet = [];

    /** @param  list<Cue>  $cues in order, on the clock of the video */
    public function __construct(private readonly array $cues, private readonly VideoShape $shape, private readonly Typesetter $type)
    {
    }

    /** @return list<string> the sheets, to be rasterised with the slides */
    public function sheets(): array
    {
        $page = $this->shape->format()->page();
        $scale = $page->width / $this->shape->width() * $this->shape->panelScale();

        return array_map(function (array $cues) use ($page, $scale): string {
            $drawn = '';
            foreach ($cues as $place => $cue) {
                $drawn .= $this->strip($cue, $place * self::STRIP, $scale);
            }

            return sprintf(
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d"><rect width="100%%" height="100%%" fill="%s"/>%s</svg>',
                $page->width, $page->height, Paint::INK, $drawn,
            );
        }, array_chunk($this->cues, $this->toASheet()));
    }

    /** @return list<float> milliseconds at which another one, or none, is seen */
    public function moments(): array
    {
        return array_merge(...array_map(static fn (Cue $cue): array => [$cue->from, $cue->to], $this->cues));
    }

    /**
     * @param  callable(int): string  $sheet raw picture of one of the sheets, from 0
     * @return string the picture with what is said at a moment
     */
    public function over(string $frame, float $at, callable $sheet): string
    {
        // Pictures have whole milliseconds.
        $due = array_filter($this->cues, static fn (Cue $cue): bool => round($cue->from) <= $at && $at < round($cue->to));
        foreach ($due as $number => $cue) {
            $wanted = intdiv($number, $this->toASheet());
            $this->sheet = isset($this->sheet[$wanted]) ? $this->sheet : [$wanted => $sheet($wanted)];
            $frame = $this->laid($frame, $cue, $number % $this->toASheet(), $this->sheet[$wanted]);
        }

        return $frame;
    }

    private function laid(string $frame, Cue $cue, int $place, string $sheet): string
    {
        $scale = $this->shape->panelScale();
        $even = static fn (float $length): int => 2 * (int) round($length * $scale / 2);
        $height = self::ROW * count($this->rows($cue)) + self::PADDING;
        $box = new Box(0, $even($place * self::STRIP), $even($this->width($cue)), $even($height));
        $left = 2 * (int) round(($this->shape->width() - $box->width) / 4);
        $top = $this->shape->height() - $even((self::BAND + $height) / 2);

        return $this->shape->inset()->copied($frame, $sheet, $this->shape->width(), $box, $left, $top);
    }

    private function strip(Cue $cue, float $top, float $scale): string
    {
        $text = '';
        foreach ($this->rows($cue) as $row => $words) {
            $text .= sprintf(
                '<text x="%.2F" y="%.2F" text-anchor="middle" font-family="Lexend" font-size="%.2F" fill="%s">%s</text>',
                $this->width($cue) / 2 * $scale,
                ($top + self::PADDING / 2 + self::ROW * ($row + 0.72)) * $scale,
                $this->size() * $scale,
                Paint::CARD,
                htmlspecialchars($words, ENT_XML1),
            );
        }

        return $text;
    }

    private function width(Cue $cue): float
    {
        $style = new TextStyle($this->size());
        $widths = array_map(fn (string $row): float => $this->type->width($row, $style), $this->rows($cue));

        return min($this->shape->width() / $this->shape->panelScale(), max($widths) + 2 * self::PADDING);
    }

    private function size(): int
    {
        return $this->shape === VideoShape::Tall ? self::SIZE_TALL : self::SIZE;
    }

    /** @return int<1, max> */
    private function toASheet(): int
    {
        return max(1, intdiv((int) ($this->shape->height() / $this->shape->panelScale()), self::STRIP));
    }

    /** @return non-empty-list<string> */
    private function rows(Cue $cue): array
    {
        return explode("\n", $cue->text);
    }
}
