<?php

declare(strict_types=1);

namespace App\Media\Clip;

use App\Clips\ClipStore;
use App\Media\CheckedFile;
use App\Media\MediumKind;
use Daybright\Lesson\Media\Clip\ClipMedium;
use DomainException;

/** Films and sounds. They come in pieces and are made ready on the queue; only what was made ready is kept. */
final class ClipKind implements MediumKind
{
    /** What a file of ISO base media (ISO/IEC 14496-12) begins with. */
    private const START = '/^.{4}ftyp/s';

    public static function medium(): string
    {
        return ClipMedium::class;
    }

    public static function folder(): string
    {
        return 'clips';
    }

    public static function choice(): string
    {
        return 'A film or a sound is put on the slide with “Clip”.';
    }

    public static function largest(): int
    {
        return ClipStore::largest();
    }

    public static function recognises(string $path): bool
    {
        return preg_match(self::START, (string) file_get_contents($path, length: 12)) === 1;
    }

    public static function written(string $path): CheckedFile
    {
        throw new DomainException('A film or a sound is a clip: put “Clip” on the slide, and choose the file there.');
    }

    public static function cleared(string $path): CheckedFile
    {
        $clip = ClipFile::open($path);

        return $clip->isReady() && $clip->seconds <= config('daybright.longest_clip')
            ? $clip->checked()
            : throw new DomainException('It is not a clip as this program keeps it. Nothing was brought in.');
    }
}
