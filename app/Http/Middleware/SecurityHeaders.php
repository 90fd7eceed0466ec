<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Everything comes from this server, and nothing may run that it did not send. */
class SecurityHeaders
{
    private const POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'nonce-%s'; style-src-attr 'unsafe-inline'; img-src 'self' data: blob:; media-src 'self' blob:; worker-src 'self' blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'self'";

    public function handle(Request $request, Closure $next): Response
    {
        // Dialogs write a style of their own, which keeps the page behind them still: it carries this word of the server.
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        $headers = $response->headers;
        if ($response instanceof BinaryFileResponse) {
            // Nothing in between keeps a child’s lesson or a teacher’s file, and a browser asks whether it is still theirs.
            $response->setPrivate();
            $headers->set('Cache-Control', 'private, no-cache');
        }
        if (! $headers->has('Content-Security-Policy')) {
            $headers->set('Content-Security-Policy', sprintf(self::POLICY, $nonce));
        }
        $headers->set('X-Content-Type-Options', 'nosniff');
        if ($request->secure()) {
            $headers->set('Strict-Transport-Security', 'max-age=31536000');
        }
        $headers->set('Referrer-Policy', 'same-origin');
        $headers->set('Permissions-Policy', 'microphone=(self), camera=(self), display-capture=(self), geolocation=()');

        return $response;
    }
}
