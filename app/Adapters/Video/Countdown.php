<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Daybright\Scene\Box;

/** The panel that is laid over the picture while the video waits: what to do, and the time that is left. */
final class Countdown
{
    // In pixels where the video is 1280 or 720 wide; even numbers throughout: colour is kept for every second pixel only.
    private const MARGIN = 24;

    private const WIDTH = 384;

    private const HEIGHT = 100;

    private const DIGIT_WIDTH = 24;

    private const DIGIT_HEIGHT = 44;

    private const DIGITS_LEFT = 236;

    private const DIGITS_TOP = 20;

    private const BAR_LEFT = 24;

    private const BAR_TOP = 76;

    private const BAR_WIDTH = 336;

    private const BAR_HEIGHT = 10;

    /** @param  string  $sheet the raw picture of self::svg() */
    public function __construct(private readonly string $sheet, private readonly VideoShape $shape = VideoShape::Small)
    {
    }

    /** The panel and the digits, to be rasterised with the slides. */
    public static function svg(VideoShape $shape = VideoShape::Small): string
    {
        $page = $shape->format()->page();
        $scale = $page->width / $shape->width() * $shape->panelScale();
        $digits = '';
        foreach (str_split('0123456789:') as $index => $digit) {
            $x = ($index * self::DIGIT_WIDTH + self::DIGIT_WIDTH / 2) * $scale;
            $digits .= sprintf(
                '<text x="%.2f" y="%.2f" text-anchor="middle" font-family="Lexend" font-weight="600" font-size="%.2f" fill="#FFFFFF">%s</text>',
                $x,
                (200 + 35) * $scale,
                36.8 * $scale,
                $digit,
            );
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d"><rect width="100%%" height="100%%" fill="#0B5A60"/>'
            .'<text x="%.2f" y="%.2f" font-family="Lexend" font-weight="600" font-size="%.2f" fill="#FFFFFF">Stop and try</text>'
            .'<rect x="%.2f" y="%.2f" width="%.2f" height="%.2f" fill="#FFFFFF"/>%s</svg>',
            $page->width, $page->height, 24 * $scale, 48 * $scale, 28.8 * $scale,
            self::BAR_LEFT * $scale, 300 * $scale, self::BAR_WIDTH * $scale, self::BAR_HEIGHT * $scale, $digits,
        );
    }

    /** The picture with the panel on it. */
    public function over(string $frame, int $secondsLeft, int $seconds): string
    {
        $scale = $this->shape->panelScale();
        $left = $this->shape->width() / $scale - self::MARGIN - self::WIDTH;
        $top = $this->shape->height() / $scale - self::MARGIN - self::HEIGHT;
        $frame = $this->copy($frame, new Box(0, 0, self::WIDTH, self::HEIGHT), $left, $top);
        $clock = str_split(sprintf('%d:%02d', intdiv($secondsLeft, 60), $secondsLeft % 60));
        $x = $left + self::DIGITS_LEFT + (5 - count($clock)) * self::DIGIT_WIDTH;
        foreach ($clock as $character) {
            $index = $character === ':' ? 10 : (int) $character;
            $digit = new Box($index * self::DIGIT_WIDTH, 200, self::DIGIT_WIDTH, self::DIGIT_HEIGHT);
            $frame = $this->copy($frame, $digit, $x, $top + self::DIGITS_TOP);
            $x += self::DIGIT_WIDTH;
        }
        $bar = new Box(self::BAR_LEFT, 300, self::BAR_WIDTH * $secondsLeft / max(1, $seconds), self::BAR_HEIGHT);

        return $this->copy($frame, $bar, $left + self::BAR_LEFT, $top + self::BAR_TOP);
    }

    private function copy(string $frame, Box $from, float $toX, float $toY): string
    {
        $scale = $this->shape->panelScale();
        $even = static fn (float $length): int => 2 * (int) round($length * $scale / 2);
        $pixels = new Box($even($from->x), $even($from->y), $even($from->width), $even($from->height));

        return $pixels->width < 2
            ? $frame
            : (new Inset($this->shape))->copied($frame, $this->sheet, $this->shape->width(), $pixels, $even($toX), $even($toY));
    }
}
