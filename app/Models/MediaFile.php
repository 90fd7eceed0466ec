<?php

declare(strict_types=1);

namespace App\Models;

use App\Adapters\Files;
use App\Media\MediaKinds;
use Illuminate\Database\Eloquent\Model;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * A file of a medium that a teacher brought in, named by the sha256 of its bytes.
 *
 * @property string $user_id
 * @property string $sha256
 * @property string $type media type (RFC 6838)
 * @property int $bytes
 */
class MediaFile extends Model
{
    protected $table = 'media_files';

    protected $guarded = [];

    public static function path(string $type, string $sha256): string
    {
        return MediaKinds::ofType($type)::folder().'/'.substr($sha256, 0, 2).'/'.$sha256;
    }

    /**
     * Where programs find a file.
     *
     * @throws NotFoundHttpException when it is gone
     */
    public static function local(string $sha256): string
    {
        $file = self::query()->where('sha256', $sha256)->first() ?? throw new NotFoundHttpException("The file {$sha256} is gone.");

        return Files::found($file->place());
    }

    public function place(): string
    {
        return self::path($this->type, $this->sha256);
    }
}
