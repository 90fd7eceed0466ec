<?php

declare(strict_types=1);

namespace App\Media\Picture;

use App\Adapters\Files;
use DomainException;
use GdImage;

/** A photo that was decoded and written anew: nothing but its points is kept, no place, no date, no camera. */
final readonly class Photo
{
    private const MOST_PIXELS = 40_000_000;

    private const TYPES = [IMAGETYPE_PNG => 'image/png', IMAGETYPE_JPEG => 'image/jpeg', IMAGETYPE_WEBP => 'image/webp'];

    /**
     * Blocks that carry words, places or dates: in a JPEG the application segments after the first and comments, except the one that
     * the writer leaves;
     * in a PNG its text, time and Exif; in a WebP its Exif and XMP.
     */
    private const EXTRAS = [
        IMAGETYPE_JPEG => '/\xFF[\xE1-\xEF]|\xFF\xFE..(?!CREATOR: gd-jpeg)/s',
        IMAGETYPE_PNG => '/(?:tEXt|zTXt|iTXt|tIME|eXIf)/',
        IMAGETYPE_WEBP => '/(?:EXIF|XMP )/',
    ];

    private function __construct(public string $bytes, public string $type, public int $width, public int $height)
    {
    }

    public static function recognises(string $path): bool
    {
        $size = @getimagesize($path);

        return $size !== false && isset(self::TYPES[$size[2]]);
    }

    /** @throws DomainException when it is not a picture that can be shown */
    public static function open(string $bytes): self
    {
        $size = self::size($bytes);
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw new DomainException('This picture is damaged and cannot be opened. Save it again or choose another.');
        }
        $image = $size[2] === IMAGETYPE_JPEG ? self::upright($image, $bytes) : $image;
        imagesavealpha($image, true);
        ob_start();
        match ($size[2]) {
            IMAGETYPE_PNG => imagepng($image, null, 6),
            IMAGETYPE_JPEG => imagejpeg($image, null, 88),
            default => imagewebp($image, null, 88),
        };

        return new self((string) ob_get_clean(), self::TYPES[$size[2]], imagesx($image), imagesy($image));
    }

    /**
     * The same, but a photo that holds nothing else stays as it is, so that a lesson that goes from school to school loses nothing.
     *
     * @throws DomainException when it is not a picture that can be shown
     */
    public static function cleared(string $bytes): self
    {
        $size = self::size($bytes);
        $anew = self::open($bytes);

        return preg_match(self::EXTRAS[$size[2]], $bytes) === 1 || [$anew->width, $anew->height] !== [$size[0], $size[1]]
            ? $anew
            : new self($bytes, $anew->type, $anew->width, $anew->height);
    }

    /** @return array{int, int, int} width, height and kind */
    private static function size(string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! isset(self::TYPES[$size[2]])) {
            throw new DomainException('This file is not a photo that can be shown.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw new DomainException('This picture has more than 40 million points. Make it smaller and choose it again.');
        }

        return [$size[0], $size[1], $size[2]];
    }

    /** Cameras say in the file which way up a photo is, in one of eight ways (Exif 2.3, tag 0x0112). */
    private static function upright(GdImage $image, string $jpeg): GdImage
    {
        $camera = @exif_read_data(Files::inMemory($jpeg));
        $orientation = is_array($camera) && is_int($camera['Orientation'] ?? null) ? $camera['Orientation'] : 1;
        $degrees = [3 => 180, 4 => 180, 5 => -90, 6 => -90, 7 => 90, 8 => 90][$orientation] ?? 0;
        $turned = $degrees === 0 ? $image : (imagerotate($image, $degrees, 0) ?: $image);
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($turned, IMG_FLIP_HORIZONTAL);
        }

        return $turned;
    }
}
