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
        $room = $this->pixels(new Box(
            $this->shape->width() / $scale - self::MARGIN - self::WIDTH,
            $this->shape->height() / $scale - self::MARGIN - self::HEIGHT,
            self::WIDTH,
            self::HEIGHT,
        ));

        return $this->shape->inset()->put($frame, $this->panel($room, $secondsLeft, $seconds), $room);
    }

    /** It is put together by itself first: to lay each digit into the whole picture would copy that as often. */
    private function panel(Box $room, int $secondsLeft, int $seconds): string
    {
        $inset = new Inset((int) $room->width, (int) $room->height);
        $empty = str_repeat("\0", intdiv((int) ($room->width * $room->height) * 3, 2));
        $panel = $this->copied($inset, $empty, new Box(0, 0, self::WIDTH, self::HEIGHT), 0, 0);
        $clock = str_split(sprintf('%d:%02d', intdiv($secondsLeft, 60), $secondsLeft % 60));
        $x = self::DIGITS_LEFT + (5 - count($clock)) * self::DIGIT_WIDTH;
        foreach ($clock as $character) {
            $index = $character === ':' ? 10 : (int) $character;
            $digit = new Box($index * self::DIGIT_WIDTH, 200, self::DIGIT_WIDTH, self::DIGIT_HEIGHT);
            $panel = $this->copied($inset, $panel, $digit, $x, self::DIGITS_TOP);
            $x += self::DIGIT_WIDTH;
        }
        $bar = new Box(self::BAR_LEFT, 300, self::BAR_WIDTH * $secondsLeft / max(1, $seconds), self::BAR_HEIGHT);

        return $this->copied($inset, $panel, $bar, self::BAR_LEFT, self::BAR_TOP);
    }

    /** @param  Box  $from part of the sheet */
    private function copied(Inset $inset, string $panel, Box $from, float $toX, float $toY): string
    {
        $part = $this->pixels($from);
        $to = $this->pixels(new Box($toX, $toY, 0, 0));

        return $part->width < 2 ? $panel : $inset->copied($panel, $this->sheet, $this->shape->width(), $part, $to->x, $to->y);
    }

    /** Even numbers: colour is kept for every second pixel only. */
    private function pixels(Box $box): Box
    {
        $even = fn (float $length): int => 2 * (int) round($length * $this->shape->panelScale() / 2);

        return new Box($even($box->x), $even($box->y), $even($box->width), $even($box->height));
    }
}
