<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A picture file that a teacher brought in; its bytes are named by their sha256. */
class Picture extends Model
{
    protected $guarded = [];

    public static function path(string $sha256): string
    {
        return 'pictures/'.substr($sha256, 0, 2).'/'.$sha256;
    }
}
