<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Adapters\Files;
use App\Models\Release;
use Closure;
use Daybright\Recording\Tracks\Footage\Footage;
use Daybright\Recording\Tracks\Footage\Source;
use Daybright\Release\FrozenStage;
use Daybright\Watching\SealedLesson;
use Daybright\Watching\SealedRanges;
use stdClass;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A release as it is played, with addresses for those who may see it. */
final class ReleaseView
{
    private const TYPES = ['webm' => 'audio/webm', 'm4a' => 'audio/mp4'];

    /**
     * @param  string  $sounds address under which sound.webm and sound.m4a of each stage are had
     * @param  string  $pictures address under which pictures are had by their sha256
     * @param  SealedLesson|null  $sealed as far as the one who looks may know it; null for all of it
     * @return array<string, mixed>
     */
    public static function show(Release $release, string $sounds, string $pictures, ?SealedLesson $sealed = null): array
    {
        $seen = $sealed?->toArray() ?? $release->frozen()->toArray();
        $source = static fn (int $stage, string $kind, string $type): array => [
            'url' => "{$sounds}/sound.{$kind}?r={$release->id}&stage={$stage}",
            'type' => $type,
        ];
        $heard = array_filter($release->stages(), static fn (FrozenStage $stage): bool => $sealed?->hides($stage->from) !== true);

        return [
            ...self::played($seen, $pictures, static fn (string $footage): string => "{$sounds}/film/{$footage}?r={$release->id}"),
            'sounds' => array_map(static fn (FrozenStage $stage, int $number): array => [
                'from' => $stage->from,
                'to' => $stage->to,
                'sources' => [$source($number, 'webm', 'audio/webm; codecs=opus'), $source($number, 'm4a', 'audio/mp4')],
            ], $heard, array_keys($heard)),
        ];
    }

    /**
     * A frozen lesson as a player reads it. Pictures are named by their hash, in drawings and in questions; words that look the same
     * stay words.
     *
     * @param  array<string, mixed>  $lesson
     * @param  Closure(string): string  $film address of what was filmed, by its id
     * @return array<string, mixed>
     */
    public static function played(array $lesson, string $pictures, Closure $film): array
    {
        $films = [];
        foreach ($lesson['tracks'][Footage::name()] ?? [] as ['footage' => $footage, 'source' => $source]) {
            $films[$footage] = $source === Source::Clip->value ? self::clip($footage, $pictures) : $film($footage);
        }
        foreach ($lesson['slides'] as $id => $slide) {
            // In a text a quotation mark is written as an entity.
            $addressed = static fn (string $svg): string => str_replace('="picture:', '="'.$pictures.'/', $svg);
            $lesson['slides'][$id]['svg'] = $addressed($slide['svg']);
            if (isset($slide['tall'])) {
                $lesson['slides'][$id]['tall']['svg'] = $addressed($slide['tall']['svg']);
            }
            foreach ($slide['states'] ?? [] as $name => $state) {
                $drawn = array_intersect_key($state, ['svg' => true, 'tall' => true]);
                $lesson['slides'][$id]['states'][$name] = array_map($addressed, $drawn) + $state;
            }
        }
        foreach ($lesson['pauses'] as $index => $pause) {
            if (isset($pause['clip'])) {
                $file = &$lesson['pauses'][$index]['clip']['file'];
                $file = self::clip($file, $pictures);
                unset($file);
            }
            if (is_array($pause['question'])) {
                $question = &$lesson['pauses'][$index]['question'];
                array_walk_recursive($question, static function (mixed &$value, string|int $name) use ($pictures): void {
                    if ($name === 'picture' && is_string($value)) {
                        $value = preg_replace('/^picture:(?=[0-9a-f]{64}$)/', $pictures.'/', $value);
                    }
                });
                unset($question);
            }
        }

        $objects = array_map(
            static fn (string $name): array|stdClass => $lesson[$name] ?: new stdClass,
            ['slides' => 'slides', 'tracks' => 'tracks', 'drawnTall' => 'drawnTall'],
        );

        return $objects + $lesson + ['films' => (object) $films];
    }

    private static function clip(string $file, string $pictures): string
    {
        return (string) preg_replace('/^clip:(?=[0-9a-f]{64}$)/', $pictures.'/', $file);
    }

    /** What was filmed, as the version has it. */
    public static function film(Release $release, string $footage): BinaryFileResponse
    {
        $path = $release->parts["film-{$footage}.mp4"] ?? abort(404);

        return response()->file(Files::found($path), ['Content-Type' => 'video/mp4']);
    }

    /**
     * @param  string  $kind webm or m4a, as the routes allow
     * @param  int  $stage from 0
     * @param  SealedRanges|null  $sealed what the one who asks may not know yet: no stage that they have not come to
     */
    public static function sound(Release $release, string $kind, int $stage, ?SealedRanges $sealed = null): BinaryFileResponse
    {
        $wanted = $release->stages()[$stage] ?? abort(404);
        abort_if($sealed?->hides($wanted->from) === true, 404);

        return response()->file(Files::found($release->soundPath($stage, $kind)), ['Content-Type' => self::TYPES[$kind]]);
    }
}
