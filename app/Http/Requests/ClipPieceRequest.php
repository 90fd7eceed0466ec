<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Clips\ClipStore;
use Illuminate\Foundation\Http\FormRequest;

/** A piece of a clip. */
final class ClipPieceRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        $kilobytes = intdiv(ClipStore::PIECE, 1024);

        return ['piece' => "required|file|max:{$kilobytes}", 'sha256' => 'required|string|max:64'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['piece.*' => 'This piece of the clip cannot be kept: it is missing or too large.'];
    }
}
