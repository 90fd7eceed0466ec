<?php

declare(strict_types=1);

namespace Daybright\Lesson\Media\Picture;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Media\Medium;

/** A photo or a drawing. */
final readonly class PictureMedium extends Medium
{
    /** In pixels. */
    public int $width;

    /** In pixels. */
    public int $height;

    public function __construct(string $id, Fields $fields)
    {
        parent::__construct($id, $fields);
        $this->width = $fields->whole('width');
        $this->height = $fields->whole('height');
    }

    public static function kind(): string
    {
        return 'picture';
    }

    public static function types(): array
    {
        return ['image/png', 'image/jpeg', 'image/webp', 'image/svg+xml'];
    }
}
