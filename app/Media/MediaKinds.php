<?php

declare(strict_types=1);

namespace App\Media;

use App\Media\Clip\ClipKind;
use App\Media\Picture\PictureKind;
use Daybright\Lesson\Media\Media;
use DomainException;

/** The kinds of media whose files the server keeps: one line each. */
final class MediaKinds
{
    /** @var non-empty-list<class-string<MediumKind>> */
    public const CATALOGUE = [
        PictureKind::class,
        ClipKind::class,
    ];

    /**
     * @return class-string<MediumKind>
     *
     * @throws DomainException when the file is of no kind
     */
    public static function ofFile(string $path): string
    {
        foreach (self::CATALOGUE as $kind) {
            if ($kind::recognises($path)) {
                return $kind;
            }
        }
        $least = min(array_map(static fn (string $kind): int => $kind::largest(), self::CATALOGUE));
        if (filesize($path) > $least) {
            throw new DomainException(
                'This file is larger than '.intdiv($least, 1024 * 1024).' MB. Make it smaller and choose it again.',
            );
        }
        $names = array_map(static fn (string $kind): string => 'a '.$kind::medium()::kind(), self::CATALOGUE);
        $choices = array_map(static fn (string $kind): string => $kind::choice(), self::CATALOGUE);
        throw new DomainException('This file is not '.implode(' or ', $names).' that can be shown. '.implode(' ', $choices));
    }

    /**
     * @param  string  $type media type (RFC 6838) that a lesson or the database names
     * @return class-string<MediumKind>
     *
     * @throws DomainException when there is no kind of this type
     */
    public static function ofType(string $type): string
    {
        foreach (self::CATALOGUE as $kind) {
            if ($kind::medium() === Media::ofType($type)) {
                return $kind;
            }
        }
        throw new DomainException("Files of type “{$type}” cannot be kept by this program. They may come from a newer version.");
    }
}
