<?php

declare(strict_types=1);

namespace App\Models;

use stdClass;

/**
 * A slide that came in from a file and can be kept in two ways. One of them was put into the lesson; both stay here as they came.
 *
 * @property string $slide its id in the lesson
 * @property int $number in the file, from 1
 * @property list<string> $left what could not be taken as blocks
 * @property stdClass $blocks {slide, media}, as the lesson document has them
 * @property stdClass $looked the same; its media are empty while the picture is not made yet
 * @property string $description of the picture of how it looked
 * @property string $drawing of how it looked; empty where its picture was made at once
 */
class BroughtSlide extends Model
{
    public $timestamps = false;

    protected $table = 'brought_slides';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['left' => 'array', 'blocks' => 'object', 'looked' => 'object'];
    }
}
