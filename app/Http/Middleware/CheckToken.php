<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** Sends the token of a form only together with the session that it belongs to. */
class CheckToken extends ValidateCsrfToken
{
    protected function addCookieToResponse($request, $response)
    {
        return KeepSession::isKept($request) ? parent::addCookieToResponse($request, $response) : $response;
    }
}
