<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Finding;
use Daybright\Ready\Inspection;
use Daybright\Ready\Rule;

/** A picture without a description for those who cannot see it, or without its credit and licence. */
final readonly class PictureWithoutWords implements Rule
{
    public function name(): string
    {
        return 'picture-without-words';
    }

    public function check(Inspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->lesson->slides() as $slide) {
            foreach ($slide->blocks as $block) {
                $medium = $inspection->lesson->media[$block->content->optionalText($block->kind === 'term' ? 'picture' : 'medium') ?? ''] ?? null;
                if ($medium === null || ! in_array($block->kind, ['picture', 'term'], true)) {
                    continue;
                }
                $missing = array_keys(array_filter(['a description' => trim($medium->description), 'a credit' => trim($medium->credit), 'a licence' => trim($medium->licence)], static fn (string $text): bool => $text === ''));
                if ($missing !== []) {
                    $findings[] = Finding::ofBlock($this->name(), "The picture “{$medium->name}” lacks ".implode(' and ', $missing).'. Say what it shows and whose it is.', $slide->id, $block->id);
                }
            }
        }

        return $findings;
    }
}
