<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Daybright\Figure\Figure;
use Daybright\Figure\Figures;
use Daybright\Lesson\Fields;
use Illuminate\Foundation\Http\FormRequest;

/** A figure with its quantities. */
class FigureRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['figure' => 'required|string|max:40', 'quantities' => 'required|array'];
    }

    public function figure(): Figure
    {
        return Figures::draw($this->string('figure')->value(), new Fields((array) $this->input('quantities')));
    }
}
