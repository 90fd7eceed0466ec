<?php

declare(strict_types=1);

namespace App\Library;

use Daybright\Language\WordIndex;

/** The open drawings that ship with the program. */
final class Drawings
{
    /** @var list<Drawing>|null */
    private ?array $drawings = null;

    public function __construct(private readonly string $folder)
    {
    }

    /** @return list<Drawing> the best first */
    public function find(string $typed, int $most): array
    {
        return WordIndex::of(array_map(
            static fn (Drawing $drawing): array => [$drawing, $drawing->label, $drawing->tags],
            $this->all(),
        ))->find($typed, $most);
    }

    public function called(string $id): ?Drawing
    {
        foreach ($this->all() as $drawing) {
            if ($drawing->id === $id) {
                return $drawing;
            }
        }

        return null;
    }

    /** Where its SVG file is. */
    public function path(Drawing $drawing): string
    {
        return "{$this->folder}/{$drawing->id}.svg";
    }

    /** @return list<Drawing> */
    public function all(): array
    {
        $words = "{$this->folder}/words.php";

        return $this->drawings ??= array_values(array_map(
            static fn (array $entry): Drawing => new Drawing(...$entry),
            is_file($words) ? require $words : [],
        ));
    }
}
