<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** What was painted and found of a slide, by the hash of all that it depends on. */
class PaintedSlide extends Model
{
    protected $table = 'painted_slides';

    protected $guarded = [];

    protected $primaryKey = 'hash';

    protected $keyType = 'string';

    public $incrementing = false;

    public const UPDATED_AT = null;
}
