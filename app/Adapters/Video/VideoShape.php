<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Daybright\Deck\Format;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Scene\Box;

/** How large the pictures of a video are, and which page they show. */
enum VideoShape: string
{
    case Small = '720p';
    case Large = '1080p';
    case Tall = 'tall';

    public function label(): string
    {
        return match ($this) {
            self::Small => '1280 × 720, for most',
            self::Large => '1920 × 1080, for a projector',
            self::Tall => '720 × 1120, for a phone held upright',
        };
    }

    public function format(): Format
    {
        return $this === self::Tall ? Format::Tall : Format::Wide;
    }

    public function width(): int
    {
        return match ($this) {
            self::Small => 1280,
            self::Large => 1920,
            self::Tall => 720,
        };
    }

    public function height(): int
    {
        return match ($this) {
            self::Small => 720,
            self::Large => 1080,
            self::Tall => 1120,
        };
    }

    /** @return int<1, max> bytes of a raw picture (I420) */
    public function bytes(): int
    {
        return max(1, intdiv($this->width() * $this->height() * 3, 2));
    }

    public function inset(): Inset
    {
        return new Inset($this->width(), $this->height());
    }

    public function frameSize(): FrameSize
    {
        return new FrameSize($this->width(), $this->height(), $this->format());
    }

    /** A box of the page in pixels; even numbers, since colour is kept for every second pixel. */
    public function pixels(Box $units): Box
    {
        $scale = $this->width() / $this->format()->page()->width / 2;
        $even = static fn (float $length): int => 2 * (int) round($length * $scale);

        return new Box($even($units->x), $even($units->y), $even($units->width), $even($units->height));
    }

    /** What is drawn over the picture itself, and is as large in each: 1 where it is 1280 or 720 pixels wide. */
    public function panelScale(): float
    {
        return $this === self::Large ? 1.5 : 1.0;
    }
}
