<?php

namespace App\Lessons;

use App\Models\Picture;
use App\Models\User;
use Daybright\Format\SvgCleaner;
use DomainException;
use Illuminate\Support\Facades\Storage;

/** Takes in pictures: checked by what they hold, not by what they are called. */
final class PictureStore
{
    private const MOST_PIXELS = 40_000_000;

    /**
     * @return array<string, mixed> a medium for the lesson document
     *
     * @throws DomainException when it is not a picture that can be shown
     */
    public function keep(User $user, string $bytes, string $name): array
    {
        if (strlen($bytes) > config('daybright.largest_picture')) {
            throw new DomainException('This picture is larger than 8 MB. Make it smaller and choose it again.');
        }
        [$bytes, $type, $width, $height] = self::isSvg($bytes) ? self::drawing($bytes) : self::photo($bytes);
        $sha256 = hash('sha256', $bytes);
        if (! Storage::exists(Picture::path($sha256))) {
            Storage::put(Picture::path($sha256), $bytes);
        }
        Picture::query()->firstOrCreate(['user_id' => $user->id, 'sha256' => $sha256], ['type' => $type, 'bytes' => strlen($bytes)]);

        return ['name' => mb_substr($name, 0, 200), 'type' => $type, 'width' => $width, 'height' => $height, 'sha256' => $sha256, 'description' => '', 'credit' => '', 'licence' => ''];
    }

    private static function isSvg(string $bytes): bool
    {
        return preg_match('/^(?:\xEF\xBB\xBF)?\s*<(?:\?xml|!--|!DOCTYPE svg|svg)/i', substr($bytes, 0, 400)) === 1;
    }

    /** @return array{string, string, int, int} */
    private static function drawing(string $bytes): array
    {
        $clean = SvgCleaner::clean($bytes);
        $root = substr($clean, 0, (int) strpos($clean, '>'));
        [$width, $height] = [300, 150];
        if (preg_match('/viewBox="\s*[-\d.e]+[\s,]+[-\d.e]+[\s,]+([\d.e]+)[\s,]+([\d.e]+)/i', $root, $match) === 1
            || preg_match('/\swidth="([\d.]+)(?:px)?"[^>]*\sheight="([\d.]+)(?:px)?"/', $root, $match) === 1) {
            [$width, $height] = [max(1, min(20000, (int) round((float) $match[1]))), max(1, min(20000, (int) round((float) $match[2])))];
        }

        return [$clean, 'image/svg+xml', $width, $height];
    }

    /**
     * Decoded and written anew: nothing but the picture is kept, no place, no date, no camera.
     *
     * @return array{string, string, int, int}
     */
    private static function photo(string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        $types = [IMAGETYPE_PNG => 'image/png', IMAGETYPE_JPEG => 'image/jpeg', IMAGETYPE_WEBP => 'image/webp'];
        if ($size === false || ! isset($types[$size[2]])) {
            throw new DomainException('This file is not a picture that can be shown. Choose a PNG, JPEG, WebP or SVG file.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw new DomainException('This picture has more than 40 million points. Make it smaller and choose it again.');
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw new DomainException('This picture is damaged and cannot be opened. Save it again or choose another.');
        }
        $image = self::upright($image, $size[2] === IMAGETYPE_JPEG ? $bytes : '');
        imagesavealpha($image, true);
        ob_start();
        match ($size[2]) {
            IMAGETYPE_PNG => imagepng($image, null, 6),
            IMAGETYPE_JPEG => imagejpeg($image, null, 88),
            default => imagewebp($image, null, 88),
        };

        return [(string) ob_get_clean(), $types[$size[2]], imagesx($image), imagesy($image)];
    }

    /** Cameras say in the file which way up a photo is. */
    private static function upright(\GdImage $image, string $jpeg): \GdImage
    {
        $turn = 1;
        if (preg_match('/\xFF\xE1..Exif\x00\x00(II|MM)/s', substr($jpeg, 0, 4000), $match, PREG_OFFSET_CAPTURE) === 1) {
            $little = $match[1][0] === 'II';
            $tag = $little ? "\x12\x01\x03\x00\x01\x00\x00\x00" : "\x01\x12\x00\x03\x00\x00\x00\x01";
            $at = strpos($jpeg, $tag, $match[1][1]);
            $turn = $at === false ? 1 : ord($jpeg[$at + ($little ? 8 : 9)]);
        }
        $degrees = [3 => 180, 6 => -90, 8 => 90][$turn] ?? 0;
        $turned = $degrees === 0 ? $image : imagerotate($image, $degrees, 0);

        return $turned === false ? $image : $turned;
    }
}
