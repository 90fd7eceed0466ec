<?php

declare(strict_types=1);

namespace App\Formats\BroughtSlides;

use App\Media\CheckedFile;
use Closure;

/** The pictures of slides that are brought in: their files, and how the lesson knows them. */
final class BroughtPictures
{
    /** @var array<string, string|null> id by the name of the part; null for one that cannot be shown */
    private array $ids = [];

    /** @var array<string, array<string, mixed>> media by id */
    private array $media = [];

    /** @var array<string, CheckedFile> by id */
    private array $files = [];

    /** @param  Closure(string): string  $newId */
    public function __construct(private readonly Closure $newId)
    {
    }

    public function has(string $part): bool
    {
        return array_key_exists($part, $this->ids);
    }

    public function refuse(string $part): void
    {
        $this->ids[$part] = null;
    }

    public function keep(string $part, CheckedFile $file, string $description): string
    {
        $id = $this->ids[$part] = ($this->newId)('picture');
        $this->media[$id] = ['description' => $description] + $file->medium(basename($part));
        $this->files[$id] = $file;

        return $id;
    }

    /** @return array<string, string> id of each picture that can be shown, by the name of its part */
    public function ids(): array
    {
        return array_filter($this->ids);
    }

    /** @return array<string, string> hash of each picture by the name of its part */
    public function hashes(): array
    {
        return array_map(fn (string $id): string => $this->files[$id]->sha256, $this->ids());
    }

    /** @return list<CheckedFile> */
    public function files(): array
    {
        return array_values($this->files);
    }

    /** A picture as part of a drawing. */
    public function dataAddress(string $sha256): string
    {
        foreach ($this->files as $file) {
            if ($file->sha256 === $sha256) {
                return "data:{$file->type};base64,".base64_encode((string) file_get_contents($file->path));
            }
        }

        return '';
    }

    /**
     * @param  list<array<string, mixed>>  $slides as the document has them
     * @return array<string, array<string, mixed>> their media by id
     */
    public function shownOn(array $slides): array
    {
        $text = json_encode($slides, JSON_THROW_ON_ERROR);

        return array_filter($this->media, static fn (string $id): bool => str_contains($text, "\"{$id}\""), ARRAY_FILTER_USE_KEY);
    }
}
