<?php

declare(strict_types=1);

namespace App\Library;

use App\Media\MediaStore;
use App\Models\User;

/** Hands drawings of the library out: each becomes a picture of the teacher's, with its description, credit and licence. */
final readonly class DrawingDesk
{
    public function __construct(private Drawings $drawings, private MediaStore $media)
    {
    }

    /**
     * @param  string  $id such as “flat/leaf”
     * @return array<string, mixed> a medium for the lesson document
     */
    public function take(User $teacher, string $id): array
    {
        $drawing = $this->drawings->called($id) ?? abort(404);

        return [
            'description' => ucfirst($drawing->label),
            'credit' => $drawing->credit,
            'licence' => $drawing->licence,
        ] + $this->media->bringIn($teacher, $this->drawings->path($drawing), basename($id).'.svg');
    }
}
