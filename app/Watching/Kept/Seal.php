<?php

declare(strict_types=1);

namespace App\Watching\Kept;

use App\Adapters\Files;
use App\Models\Release;
use App\Models\Visit;
use RuntimeException;

/**
 * Closes what a student may not know yet (AES-256-GCM, NIST SP 800-38D), so that it can lie on their device.
 *
 * Sealed bytes are pieces, each of 12 bytes of nonce, up to PIECE bytes of content, and 16 bytes of tag.
 */
final readonly class Seal
{
    /** Bytes of content that are sealed together: a film of many is read bit by bit. */
    public const PIECE = 1 << 18;

    private const NONCE = 12;

    private const TAG = 16;

    private function __construct(public string $key)
    {
    }

    /** The same whenever one student keeps one version. */
    public static function of(Visit $visit, Release $release): self
    {
        return new self(hash_hmac('sha256', "kept lesson {$visit->id} {$release->id}", (string) config('app.key'), true));
    }

    public function close(string $content): string
    {
        return implode('', array_map($this->closePiece(...), str_split($content, self::PIECE)));
    }

    /** @param  string  $path of a file on this machine, which is written out sealed */
    public function sendFile(string $path): void
    {
        $file = Files::opened($path, 'rb');
        while (($content = (string) fread($file, self::PIECE)) !== '') {
            echo $this->closePiece($content);
        }
        fclose($file);
    }

    /** @return int bytes of so much content once it is sealed */
    public static function size(int $content): int
    {
        return $content + (self::NONCE + self::TAG) * max(1, (int) ceil($content / self::PIECE));
    }

    /** @return string|null null for bytes that this key did not seal */
    public function open(string $sealed): ?string
    {
        $content = '';
        foreach (str_split($sealed, self::NONCE + self::PIECE + self::TAG) as $piece) {
            $nonce = substr($piece, 0, self::NONCE);
            $opened = strlen($piece) < self::NONCE + self::TAG
                ? false
                : openssl_decrypt(
                    substr($piece, self::NONCE, -self::TAG),
                    'aes-256-gcm',
                    $this->key,
                    OPENSSL_RAW_DATA,
                    $nonce,
                    substr($piece, -self::TAG),
                );
            if ($opened === false) {
                return null;
            }
            $content .= $opened;
        }

        return $content;
    }

    private function closePiece(string $content): string
    {
        $nonce = random_bytes(self::NONCE);
        $closed = openssl_encrypt($content, 'aes-256-gcm', $this->key, OPENSSL_RAW_DATA, $nonce, $tag, '', self::TAG);

        return $closed === false ? throw new RuntimeException('A kept lesson cannot be sealed.') : $nonce.$closed.$tag;
    }
}
