<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Daybright\Scene\Box;

/** The panel that is laid over the picture while the video waits: what to do, and the time that is left. */
final class Countdown
{
    // Even numbers throughout: colour is kept for every second pixel only.
    private const LEFT = 872;

    private const TOP = 596;

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
    public function __construct(private readonly string $sheet)
    {
    }

    /** The panel and the digits, to be rasterised with the slides. */
    public static function svg(): string
    {
        $scale = 1600 / 1280;
        $digits = '';
        foreach (str_split('0123456789:') as $index => $digit) {
            $x = ($index * self::DIGIT_WIDTH + self::DIGIT_WIDTH / 2) * $scale;
            $digits .= sprintf(
                '<text x="%.2f" y="%.2f" text-anchor="middle" font-family="Lexend" font-weight="600" font-size="46" fill="#FFFFFF">%s</text>',
                $x,
                (200 + 35) * $scale,
                $digit,
            );
        }

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900"><rect width="1600" height="900" fill="#0B5A60"/>'
            .'<text x="30" y="60" font-family="Lexend" font-weight="600" font-size="36" fill="#FFFFFF">Stop and try</text>'
            .'<rect x="%.2f" y="%.2f" width="%.2f" height="%.2f" fill="#FFFFFF"/>%s</svg>',
            self::BAR_LEFT * $scale, 300 * $scale, self::BAR_WIDTH * $scale, self::BAR_HEIGHT * $scale, $digits,
        );
    }

    /** The picture with the panel on it. */
    public function over(string $frame, int $secondsLeft, int $seconds): string
    {
        $frame = $this->copy($frame, 0, 0, self::WIDTH, self::HEIGHT, self::LEFT, self::TOP);
        $clock = str_split(sprintf('%d:%02d', intdiv($secondsLeft, 60), $secondsLeft % 60));
        $x = self::LEFT + self::DIGITS_LEFT + (5 - count($clock)) * self::DIGIT_WIDTH;
        foreach ($clock as $character) {
            $index = $character === ':' ? 10 : (int) $character;
            $frame = $this->copy(
                $frame,
                $index * self::DIGIT_WIDTH,
                200,
                self::DIGIT_WIDTH,
                self::DIGIT_HEIGHT,
                $x,
                self::TOP + self::DIGITS_TOP,
            );
            $x += self::DIGIT_WIDTH;
        }
        $bar = 2 * (int) round(self::BAR_WIDTH * $secondsLeft / max(1, $seconds) / 2);

        return $bar === 0
            ? $frame
            : $this->copy($frame, self::BAR_LEFT, 300, $bar, self::BAR_HEIGHT, self::LEFT + self::BAR_LEFT, self::TOP + self::BAR_TOP);
    }

    private function copy(string $frame, int $fromX, int $fromY, int $width, int $height, int $toX, int $toY): string
    {
        return Inset::copied($frame, $this->sheet, Rasteriser::WIDTH, new Box($fromX, $fromY, $width, $height), $toX, $toY);
    }
}
