<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** An answer that was spoken or drawn. */
final class AnswerFileRequest extends FormRequest
{
    private const TYPES = [
        'audio/webm', 'video/webm', 'audio/ogg', 'application/ogg', 'audio/mp4', 'video/mp4', 'audio/x-m4a',
        'image/png', 'image/jpeg', 'image/webp',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'file' => [
                'required',
                'file',
                'max:'.intdiv((int) config('daybright.largest_picture'), 1024),
                'mimetypes:'.implode(',', self::TYPES),
            ],
            'hinted' => 'boolean',
            'seconds' => 'nullable|integer|min:0|max:86400',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.max' => 'This is larger than 8 MB. Make it smaller, then send it again.',
            'file.mimetypes' => 'This is neither a recording nor a photo. Choose a PNG, JPEG or WebP picture.',
        ];
    }

    public function path(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? $file->getRealPath() : '';
    }
}
