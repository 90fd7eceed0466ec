<?php

declare(strict_types=1);

namespace App\Library;

use App\Models\User;
use Daybright\Language\WordIndex;

/** The pictures that a teacher has brought into any lesson, each once. */
final class OwnPictures
{
    /** @return list<array<string, mixed>> media as lesson documents hold them, the best first */
    public function find(User $teacher, string $typed, int $most): array
    {
        $pictures = [];
        // Rows and no models, since there are many; a lesson without an outline gets one when it is next saved or seen on Home.
        foreach ($teacher->lessons()->toBase()->orderByDesc('updated_at')->pluck('outline') as $outline) {
            $known = is_string($outline) ? json_decode($outline, true) : null;
            foreach ($known['pictures'] ?? [] as $picture) {
                $pictures[$picture['sha256']] ??= $picture;
            }
        }

        return WordIndex::of(array_map(
            static fn (array $picture): array => [$picture, $picture['description'], [$picture['name'], $picture['credit']]],
            array_values($pictures),
        ))->find($typed, $most);
    }
}
