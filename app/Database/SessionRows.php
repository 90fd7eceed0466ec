<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions in the database, written when something in them has changed, and otherwise every few minutes, so that their end is known:
 * a class that looks at a lesson would wait for one another's writing.
 */
final class SessionRows extends DatabaseSessionHandler
{
    /** Seconds after which a session that is only used is written all the same. */
    private const FRESH = 300;

    private ?string $id = null;

    private string $known = '';

    private int $written = 0;

    public function read($sessionId): string|false
    {
        $data = parent::read($sessionId);
        $this->id = $sessionId;
        $this->known = self::content((string) $data);

        return $data;
    }

    public function write($sessionId, $data): bool
    {
        $isSame = $this->exists && $this->id === $sessionId && $this->known === self::content($data);

        return $isSame && $this->written > $this->currentTime() - self::FRESH ? true : parent::write($sessionId, $data);
    }

    /** @param  \stdClass  $session the row that is read */
    protected function expired($session): bool
    {
        $this->written = (int) ($session->last_activity ?? 0);

        return parent::expired($session);
    }

    /** What it holds; the page before is never gone back to from an answer to a script. */
    private static function content(string $data): string
    {
        $held = @unserialize($data, ['allowed_classes' => false]);
        if (! is_array($held)) {
            return $data;
        }
        unset($held['_previous']);

        return serialize($held);
    }
}
