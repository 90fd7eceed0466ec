<?php

declare(strict_types=1);

namespace App\Lessons;

/** A drawing in grays, as light as its colours were: for printers without colours. */
final class GrayDrawing
{
    private const DATA = '~data:image/(png|jpeg|svg\+xml);base64,([A-Za-z0-9+/=]+)~';

    public static function of(string $svg): string
    {
        $pictures = (string) preg_replace_callback(
            self::DATA,
            static fn (array $found): string => self::picture($found[1], (string) base64_decode($found[2], true)) ?? $found[0],
            $svg,
        );

        return self::colours($pictures);
    }

    private static function colours(string $svg): string
    {
        return (string) preg_replace_callback('/#([0-9A-Fa-f]{6}|[0-9A-Fa-f]{3})\b/', self::gray(...), $svg);
    }

    /** @param  array<string>  $found */
    private static function gray(array $found): string
    {
        $full = strlen($found[1]) === 3 ? (string) preg_replace('/./', '$0$0', $found[1]) : $found[1];
        [$red, $green, $blue] = array_map(hexdec(...), str_split($full, 2));
        // Luma of ITU-R BT.709.
        $light = (int) round(0.2126 * $red + 0.7152 * $green + 0.0722 * $blue);

        return sprintf('#%1$02X%1$02X%1$02X', min(255, $light));
    }

    private static function picture(string $type, string $bytes): ?string
    {
        if ($type === 'svg+xml') {
            return 'data:image/svg+xml;base64,'.base64_encode(self::colours($bytes));
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            return null;
        }
        imagesavealpha($image, true);
        imagefilter($image, IMG_FILTER_GRAYSCALE);
        ob_start();
        imagepng($image);

        return 'data:image/png;base64,'.base64_encode((string) ob_get_clean());
    }
}
