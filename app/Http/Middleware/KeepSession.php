<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Keeps a session only for those who do something: a look at a page writes nothing, so that pages are shown even where the disk is full.
 *
 * A visitor without a session asks for one by its own address before the first form is sent.
 */
class KeepSession extends StartSession
{
    /** Seconds after which a session in use is written again, so that it does not grow old. */
    private const REFRESHED_AFTER = 600;

    private const WRITTEN_AT = 'written at';

    private const BEGUN_AT = 'begun at';

    /** The session's id and content when the request came: what did not change need not be written. */
    private string $before = '';

    /** Whether the visitor has a session, or gets one with this answer. */
    public static function isKept(Request $request): bool
    {
        return ! self::isLook($request) || $request->is('api/session') || $request->cookies->has($request->session()->getName());
    }

    /** Addresses are not remembered: nothing in Daybright leads back to the page before. */
    protected function storeCurrentUrl(Request $request, $session): void
    {
    }

    protected function startSession(Request $request, $session): Session
    {
        $started = parent::startSession($request, $session);
        $longest = config('session.longest') * 60;
        if ($started->get(self::BEGUN_AT, now()->getTimestamp()) < now()->getTimestamp() - $longest) {
            $started->flush();
        }
        $this->before = self::fingerprint($started);

        return $started;
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if (self::isKept(request())) {
            parent::addCookieToResponse($response, $session);
        }
    }

    protected function saveSession($request): void
    {
        $session = $request->session();
        $isOld = $session->get(self::WRITTEN_AT, 0) < now()->getTimestamp() - self::REFRESHED_AFTER;
        $isSame = $this->before === self::fingerprint($session);
        if (! self::isKept($request) || ($isSame && ! $isOld) || (self::isLook($request) && ! $request->is('api/session') && ! $isOld)) {
            return;
        }
        $session->put(self::WRITTEN_AT, now()->getTimestamp());
        $session->put(self::BEGUN_AT, $session->get(self::BEGUN_AT, now()->getTimestamp()));
        try {
            parent::saveSession($request);
        } catch (Throwable $error) {
            // A look must not fail because it cannot be noted.
            self::isLook($request) ? report($error) : throw $error;
        }
    }

    private static function fingerprint(Session $session): string
    {
        return hash('xxh128', $session->getId().serialize($session->all()));
    }

    private static function isLook(Request $request): bool
    {
        return $request->isMethodSafe();
    }
}
