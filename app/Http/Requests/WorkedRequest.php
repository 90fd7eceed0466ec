<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Daybright\Lesson\Fields;
use Daybright\Worked\Method;
use Daybright\Worked\Methods;
use Illuminate\Foundation\Http\FormRequest;

/** A kind of worked example with its quantities. */
class WorkedRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return ['method' => 'required|string|max:20', 'quantities' => 'required|array'];
    }

    public function example(): Method
    {
        return Methods::draw($this->string('method')->value(), new Fields((array) $this->input('quantities')));
    }
}
