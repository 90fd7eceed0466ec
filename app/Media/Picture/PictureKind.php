<?php

declare(strict_types=1);

namespace App\Media\Picture;

use App\Adapters\Files;
use App\Media\CheckedFile;
use App\Media\MediumKind;
use Daybright\Format\SvgCleaner;
use Daybright\Lesson\Media\Picture\PictureMedium;
use DomainException;

/** Photos are decoded, drawings are cleaned; both are written anew. */
final class PictureKind implements MediumKind
{
    private const DRAWING = 'image/svg+xml';

    public static function medium(): string
    {
        return PictureMedium::class;
    }

    public static function folder(): string
    {
        return 'pictures';
    }

    public static function choice(): string
    {
        return 'Choose a PNG, JPEG, WebP or SVG file.';
    }

    public static function largest(): int
    {
        return config('daybright.largest_picture');
    }

    public static function recognises(string $path): bool
    {
        return self::isDrawing($path) || Photo::recognises($path);
    }

    public static function written(string $path): CheckedFile
    {
        return self::checked($path, Photo::open(...));
    }

    /** A drawing was cleaned when it was brought in; one that needs it again was put together by somebody else. */
    public static function cleared(string $path): CheckedFile
    {
        $cleared = self::checked($path, Photo::cleared(...));
        if ($cleared->type === self::DRAWING && $cleared->sha256 !== hash_file('sha256', $path)) {
            throw new DomainException('It is not a safe picture. Nothing was brought in.');
        }

        return $cleared;
    }

    /** @param  callable(string): Photo  $open */
    private static function checked(string $path, callable $open): CheckedFile
    {
        if (filesize($path) > self::largest()) {
            throw new DomainException('This picture is larger than 8 MB. Make it smaller and choose it again.');
        }
        $bytes = (string) file_get_contents($path);
        if (self::isDrawing($path)) {
            $clean = SvgCleaner::clean($bytes);
            [$width, $height] = self::sizeOfDrawing($clean);

            return new CheckedFile(Files::temporaryWith($clean, 'svg'), self::DRAWING, ['width' => $width, 'height' => $height]);
        }
        $photo = $open($bytes);

        return new CheckedFile(
            Files::temporaryWith($photo->bytes, 'photo'),
            $photo->type,
            ['width' => $photo->width, 'height' => $photo->height],
        );
    }

    private static function isDrawing(string $path): bool
    {
        $start = (string) file_get_contents($path, length: 400);

        return preg_match('/^(?:\xEF\xBB\xBF)?\s*<(?:\?xml|!--|!DOCTYPE svg|svg)/i', $start) === 1;
    }

    /** @return array{int, int} width and height of its view, or of its sheet */
    private static function sizeOfDrawing(string $svg): array
    {
        $root = substr($svg, 0, (int) strpos($svg, '>'));
        $found = preg_match('/viewBox="\s*[-\d.e]+[\s,]+[-\d.e]+[\s,]+([\d.e]+)[\s,]+([\d.e]+)/i', $root, $match) === 1
            || preg_match('/\swidth="([\d.]+)(?:px)?"[^>]*\sheight="([\d.]+)(?:px)?"/', $root, $match) === 1;
        // What a drawing is that says nothing of its size (CSS 2.2, 10.3.2).
        $size = $found ? [(float) $match[1], (float) $match[2]] : [300.0, 150.0];

        return array_map(static fn (float $length): int => max(1, min(20000, (int) round($length))), $size);
    }
}
