<?php

declare(strict_types=1);

namespace App\Media;

/** A file of a medium as it is to be kept. */
final readonly class CheckedFile
{
    public string $sha256;

    /**
     * @param  string  $path of a temporary file
     * @param  string  $type media type (RFC 6838)
     * @param  array<string, int|float|string>  $facts what a medium of this kind holds besides what all have
     */
    public function __construct(public string $path, public string $type, private array $facts)
    {
        $this->sha256 = (string) hash_file('sha256', $path);
    }

    /** @return array<string, mixed> a medium for the lesson document */
    public function medium(string $name): array
    {
        return [
            'name' => mb_substr($name, 0, 200),
            'type' => $this->type,
            ...$this->facts,
            'sha256' => $this->sha256,
            'description' => '',
            'credit' => '',
            'licence' => '',
        ];
    }
}
