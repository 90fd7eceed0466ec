<?php

declare(strict_types=1);

namespace App\Models;

use App\Adapters\Files;
use App\Media\MediaKinds;
use Illuminate\Support\Facades\Storage;
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
        return Files::found(self::named($sha256)->place());
    }

    /**
     * A file as part of a drawing: whoever draws it fetches nothing.
     *
     * @throws NotFoundHttpException when it is gone
     */
    public static function dataAddress(string $sha256): string
    {
        $file = self::named($sha256);

        return "data:{$file->type};base64,".base64_encode((string) Storage::get($file->place()));
    }

    /** @throws NotFoundHttpException */
    private static function named(string $sha256): self
    {
        return self::query()->where('sha256', $sha256)->first() ?? throw new NotFoundHttpException("The file {$sha256} is gone.");
    }

    public function place(): string
    {
        return self::path($this->type, $this->sha256);
    }
}
