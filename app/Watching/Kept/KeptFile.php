<?php

declare(strict_types=1);

namespace App\Watching\Kept;

/** A file of a kept lesson: the page asks for it by its address, and gets it by a reference that tells nothing before it is opened. */
final readonly class KeptFile
{
    /** @param  string  $path of a file on this machine */
    public function __construct(public string $address, public string $type, public string $path)
    {
    }

    public function reference(Seal $seal): string
    {
        $named = json_encode(['address' => $this->address, 'type' => $this->type], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);

        return rtrim(strtr(base64_encode($seal->close($named)), '+/', '-_'), '=');
    }

    /** @return string|null the address that a reference of this seal names */
    public static function address(Seal $seal, string $reference): ?string
    {
        $named = json_decode((string) $seal->open((string) base64_decode(strtr($reference, '-_', '+/'))), true);

        return is_array($named) && is_string($named['address'] ?? null) ? $named['address'] : null;
    }
}
