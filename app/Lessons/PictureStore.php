<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Picture;
use App\Models\User;
use Daybright\Format\SvgCleaner;
use DomainException;
use Illuminate\Support\Facades\Storage;

/** Takes in pictures: checked by what they hold, not by what they are called. */
final class PictureStore
{
    /**
     * @return array<string, mixed> a medium for the lesson document
     *
     * @throws DomainException when it is not a picture that can be shown
     */
    public function keep(User $user, string $bytes, string $name): array
    {
        [$medium, $bytes] = self::checked($bytes, $name);
        if (! Storage::exists(Picture::path($medium['sha256']))) {
            Storage::put(Picture::path($medium['sha256']), $bytes);
        }
        Picture::query()->firstOrCreate(
            ['user_id' => $user->id, 'sha256' => $medium['sha256']],
            ['type' => $medium['type'], 'bytes' => strlen($bytes)],
        );

        return $medium;
    }

    /**
     * The same without keeping it.
     *
     * @return array{array<string, mixed>, string} a medium for the lesson document, and the bytes as they are to be kept
     *
     * @throws DomainException when it is not a picture that can be shown
     */
    public static function checked(string $bytes, string $name): array
    {
        if (strlen($bytes) > config('daybright.largest_picture')) {
            throw new DomainException('This picture is larger than 8 MB. Make it smaller and choose it again.');
        }
        [$bytes, $type, $width, $height] = self::isSvg($bytes) ? self::drawing($bytes) : self::photo($bytes);
        $medium = [
            'name' => mb_substr($name, 0, 200),
            'type' => $type,
            'width' => $width,
            'height' => $height,
            'sha256' => hash('sha256', $bytes),
            'description' => '',
            'credit' => '',
            'licence' => '',
        ];

        return [$medium, $bytes];
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

    /** @return array{string, string, int, int} */
    private static function photo(string $bytes): array
    {
        $photo = Photo::open($bytes);

        return [$photo->bytes, $photo->type, $photo->width, $photo->height];
    }
}
