<?php

declare(strict_types=1);

namespace App\Recording;

use App\Jobs\AlignTake;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use Daybright\Lesson\Lesson as Document;
use Daybright\Recording\SlideScript;
use Illuminate\Support\Facades\Storage;

/** Words are looked for in the takes of a lesson where they were not yet, or where the script was changed since. */
final class SoughtWords
{
    public static function seek(Lesson $lesson, Document $read): void
    {
        foreach ($lesson->takes as $take) {
            $slide = $take->state === TakeState::Ready && ! $take->words_awaited ? $read->slide($take->slide) : null;
            $isSought = $slide === null || ($take->alignment['script'] ?? null) === self::hash(SlideScript::text($slide), $read->language);
            // A sound that is gone is told of where it is played.
            if (! $isSought && Storage::exists($take->path('sound.flac'))) {
                self::begin($take);
            }
        }
    }

    public static function begin(Take $take): void
    {
        $take->update(['words_awaited' => true]);
        AlignTake::dispatch($take->id);
    }

    /** By which it is known for which script the words of a take were looked for. */
    public static function hash(string $script, string $language): string
    {
        return hash('xxh128', "{$language}\n{$script}");
    }
}
