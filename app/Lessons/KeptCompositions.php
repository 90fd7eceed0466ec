<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Deck\Composition\ComposedSlide;
use Daybright\Deck\Composition\CompositionMemory;
use Daybright\Lesson\Fields;

/** Compositions in the table of painted slides, for as long as the program lays slides out as it does now. */
final class KeptCompositions implements CompositionMemory
{
    /** @var array<string, ComposedSlide> composed and not kept yet */
    private array $pending = [];

    public function recall(string $key): ?ComposedSlide
    {
        if (isset($this->pending[$key])) {
            return $this->pending[$key];
        }
        $kept = PaintedSlides::table()->where('hash', self::hash($key))->value('report');

        return is_string($kept)
            ? ComposedSlide::read(new Fields(json_decode($kept, true, flags: JSON_THROW_ON_ERROR)))
            : null;
    }

    public function remember(string $key, ComposedSlide $composed): void
    {
        $this->pending[$key] = $composed;
    }

    /** @return list<array<string, mixed>> rows to be kept, which are handed over once */
    public function handOver(): array
    {
        $rows = [];
        foreach ($this->pending as $key => $composed) {
            $rows[] = [
                'hash' => self::hash($key),
                'view' => '',
                'report' => json_encode($composed->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                'created_at' => now(),
            ];
        }
        $this->pending = [];

        return $rows;
    }

    private static function hash(string $key): string
    {
        return hash('sha256', config('daybright.edition').$key);
    }
}
