<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/**
 * Lets in only what our own pages send: what the browser says comes from them (Fetch Metadata Request Headers, W3C), or what has the token
 * of its session. The token is sent only together with the session that it belongs to.
 */
class CheckToken extends ValidateCsrfToken
{
    /** No page can set this header, and browsers send it wherever a connection is safe. */
    protected function tokensMatch($request): bool
    {
        return $request->headers->get('Sec-Fetch-Site') === 'same-origin' || parent::tokensMatch($request);
    }

    protected function addCookieToResponse($request, $response)
    {
        return KeepSession::isKept($request) ? parent::addCookieToResponse($request, $response) : $response;
    }
}
