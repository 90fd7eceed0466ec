<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Another item of a worked example: which one, and how hard. */
final class WorkedVariationRequest extends WorkedRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['seed' => 'required|integer', 'level' => 'required|integer'] + parent::rules();
    }
}
