<?php

declare(strict_types=1);

namespace Daybright\Lesson\Media;

use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
use Daybright\Lesson\Media\Clip\ClipMedium;
use Daybright\Lesson\Media\Picture\PictureMedium;

/** The kinds of media: one line each. */
final class Media
{
    /** @var non-empty-list<class-string<Medium>> */
    public const CATALOGUE = [
        PictureMedium::class,
        ClipMedium::class,
    ];

    /** @throws InvalidLesson */
    public static function read(string $id, Fields $fields): Medium
    {
        $kind = self::ofType($fields->text('type')) ?? throw InvalidLesson::unknownMedium($fields->text('type'), $fields->at('type'));

        return new $kind($id, $fields);
    }

    /**
     * @param  string  $type media type (RFC 6838)
     * @return class-string<Medium>|null
     */
    public static function ofType(string $type): ?string
    {
        foreach (self::CATALOGUE as $kind) {
            if (in_array($type, $kind::types(), true)) {
                return $kind;
            }
        }

        return null;
    }
}
