<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Another item of a figure: which one, and how hard. */
final class FigureVariationRequest extends FigureRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['seed' => 'required|integer', 'level' => 'required|integer'] + parent::rules();
    }
}
