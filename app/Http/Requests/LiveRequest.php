<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Middleware\CleanInput;
use Daybright\Format\IncomingJson;
use Illuminate\Foundation\Http\FormRequest;
use stdClass;

/** Which live blocks are asked for, and in which states. */
final class LiveRequest extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'changes' => 'array|max:40',
            'changes.*' => 'array|max:20',
        ];
    }

    /** @return array<string, array<mixed>> by block, with its empty texts as they were sent */
    public function changes(): array
    {
        $body = CleanInput::body($this);
        $changes = IncomingJson::arrays($body instanceof stdClass ? $body->changes ?? [] : []);

        return is_array($changes) ? array_filter($changes, is_array(...)) : [];
    }
}
