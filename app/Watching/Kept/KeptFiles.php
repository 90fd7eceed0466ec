<?php

declare(strict_types=1);

namespace App\Watching\Kept;

use App\Adapters\Files;
use App\Models\MediaFile;
use App\Models\Release;
use App\Models\Visit;
use App\Watching\TaskSound;
use App\Watching\WatchedLesson;

/** The files that a lesson's page asks for, by the addresses at which it finds them. */
final class KeptFiles
{
    private string $base;

    public function __construct(Visit $visit, private readonly Release $release)
    {
        $this->base = WatchedLesson::address($visit);
    }

    /**
     * @param  array<string, mixed>  $lesson as a page gets it
     * @param  string  $kind of its sound: webm or m4a
     * @return list<string> addresses
     */
    public function named(array $lesson, string $kind): array
    {
        $text = json_encode($lesson, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
        preg_match_all("~{$this->base}/(?:media/[0-9a-f]{64}|film/[a-z0-9]{22}\\?r=\\w+|sound\\.{$kind}\\?r=\\w+&stage=\\d+|handout\\.pdf)~", $text, $found);
        $tasks = [];
        foreach ($lesson['pauses'] as $pause) {
            if ($pause['prompt'] !== '') {
                $tasks[] = "{$this->base}/tasks/{$pause['block']}/sound";
            }
        }

        return array_values(array_unique([...$found[0], ...$tasks]));
    }

    /** @return KeptFile|null null for what is no file of this version */
    public function at(string $address): ?KeptFile
    {
        if (! str_starts_with($address, $this->base.'/')) {
            return null;
        }
        $name = substr($address, strlen($this->base) + 1);

        return match (true) {
            preg_match('~^media/([0-9a-f]{64})$~', $name, $match) === 1 => $this->medium($address, $match[1]),
            preg_match('~^film/([a-z0-9]{22})\?~', $name, $match) === 1 => $this->part($address, 'video/mp4', "film-{$match[1]}.mp4"),
            preg_match('~^sound\.(webm|m4a)\?.*stage=(\d+)$~', $name, $match) === 1 => $this->sound($address, $match[1], (int) $match[2]),
            preg_match('~^tasks/([A-Za-z0-9-]{1,40})/sound$~', $name, $match) === 1 => $this->task($address, $match[1]),
            $name === 'handout.pdf' => $this->part($address, 'application/pdf', 'handout.pdf'),
            default => null,
        };
    }

    private function medium(string $address, string $sha256): ?KeptFile
    {
        $isItsOwn = in_array($sha256, array_column($this->release->document->array()['media'], 'sha256'), true);
        $file = $isItsOwn ? MediaFile::query()->where('sha256', $sha256)->first() : null;

        return $file === null ? null : new KeptFile($address, $file->type, Files::found($file->place()));
    }

    private function part(string $address, string $type, string $name): ?KeptFile
    {
        $path = $this->release->parts[$name] ?? null;

        return $path === null ? null : new KeptFile($address, $type, Files::found($path));
    }

    private function sound(string $address, string $kind, int $stage): ?KeptFile
    {
        return isset($this->release->stages()[$stage])
            ? new KeptFile($address, $kind === 'webm' ? 'audio/webm' : 'audio/mp4', Files::found($this->release->soundPath($stage, $kind)))
            : null;
    }

    private function task(string $address, string $block): ?KeptFile
    {
        $pause = array_column($this->release->outline()->pauses, null, 'block')[$block] ?? null;

        return $pause === null || $pause->prompt === ''
            ? null
            : new KeptFile($address, 'audio/mp4', TaskSound::of($this->release, $pause));
    }
}
