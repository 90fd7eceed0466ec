<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A piece of a recording with what was done in it. */
final class TakePieceRequest extends FormRequest
{
    /** Pieces of half a second: nearly three hours, longer than any take may be. */
    private const MOST_PIECES = 20_000;

    /** @return array<string, mixed> */
    public function validationData(): array
    {
        return ['number' => $this->route('number')] + $this->all();
    }

    /** @return array<string, string> */
    public function rules(): array
    {
        $kilobytes = intdiv(config('daybright.largest_piece'), 1024);

        return [
            'number' => 'integer|max:'.self::MOST_PIECES,
            'sound' => "required|file|max:{$kilobytes}",
            'events' => 'nullable|string|max:4000000',
            'sha256' => 'required|string|max:64',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_fill_keys(
            ['number.*', 'sound.*'],
            'This piece of the recording cannot be kept: it is missing or too large.',
        );
    }
}
