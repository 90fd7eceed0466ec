<?php

declare(strict_types=1);

namespace App\Watching;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\Sound\PracticeVoice;
use App\Lessons\ReleaseParts;
use App\Models\Release;
use Daybright\Release\FrozenPause;

/** What is asked at a pause point, read by the practice voice: made when it is first asked for, and kept. */
final class TaskSound
{
    /** Words a minute: slower than a lesson is told. */
    private const PACE = 120.0;

    /** @return string path of a file on this machine */
    public static function of(Release $release, FrozenPause $pause): string
    {
        $words = self::words($pause);
        $language = $release->read()->language;
        $make = static fn (): string => Files::tidily(
            static fn (): string => AudioEncoder::encode(PracticeVoice::speak($words, self::PACE, $language), 'm4a'),
        );

        return Files::local(ReleaseParts::once($release->lesson_id, 'task.m4a', [$words, $language], $make));
    }

    /** The task, and the answers that it offers, each behind its letter. */
    private static function words(FrozenPause $pause): string
    {
        $choices = $pause->question['choices'] ?? [];
        $read = [$pause->prompt];
        foreach (is_array($choices) ? array_values($choices) : [] as $number => $choice) {
            $read[] = chr(ord('A') + $number).': '.($choice['text'] ?? '').'.';
        }

        return implode(' ', $read);
    }
}
