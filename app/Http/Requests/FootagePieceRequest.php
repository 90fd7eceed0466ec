<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A piece of a film. */
final class FootagePieceRequest extends FormRequest
{
    /** Pieces of half a second: nearly three hours. */
    private const MOST_PIECES = 20_000;

    /** @return array<string, mixed> */
    public function validationData(): array
    {
        return ['number' => $this->route('number')] + $this->all();
    }

    /** @return array<string, string> */
    public function rules(): array
    {
        $kilobytes = intdiv(config('daybright.largest_film_piece'), 1024);

        return [
            'number' => 'integer|max:'.self::MOST_PIECES,
            'film' => "required|file|max:{$kilobytes}",
            'sha256' => 'required|string|max:64',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return array_fill_keys(['number.*', 'film.*'], 'This piece of the film cannot be kept: it is missing or too large.');
    }
}
