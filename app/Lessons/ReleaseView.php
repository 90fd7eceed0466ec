<?php

namespace App\Lessons;

use App\Adapters\Files;
use App\Models\Release;
use stdClass;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A release as it is played: its programme, with addresses for those who may see it. */
final class ReleaseView
{
    private const TYPES = ['webm' => 'audio/webm', 'm4a' => 'audio/mp4'];

    /**
     * @param  string  $sounds address under which sound.webm and sound.m4a are had
     * @param  string  $pictures address under which pictures are had by their sha256
     * @return array<string, mixed>
     */
    public static function of(Release $release, string $sounds, string $pictures): array
    {
        $programme = json_encode($release->programme, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        $programme = json_decode(str_replace('picture:', $pictures.'/', $programme), true, 64, JSON_THROW_ON_ERROR);
        $source = static fn (string $kind, string $type): array => ['url' => "{$sounds}/sound.{$kind}?r={$release->id}", 'type' => $type];

        return [
            ...$programme,
            'slides' => $programme['slides'] ?: new stdClass,
            'sounds' => [['from' => 0, 'to' => $programme['length'], 'sources' => [$source('webm', 'audio/webm; codecs=opus'), $source('m4a', 'audio/mp4')]]],
        ];
    }

    /** @param  key-of<self::TYPES>  $kind */
    public static function sound(Release $release, string $kind): BinaryFileResponse
    {
        return response()->file(Files::found($release->path('sound.'.$kind)), ['Content-Type' => self::TYPES[$kind], 'Cache-Control' => 'private, max-age=86400']);
    }
}
