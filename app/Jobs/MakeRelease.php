<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Footage\FilmFile;
use App\Lessons\HandoutFile;
use App\Lessons\ReleaseParts;
use App\Media\Clip\ClipFile;
use App\Models\Footage;
use App\Models\MediaFile;
use App\Models\Release;
use App\Models\ReleaseState;
use App\Models\Share;
use Closure;
use Daybright\Recording\Clock;
use Daybright\Recording\PausePoint;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineSegment;
use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Footage\Footage as Track;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPause;
use Daybright\Release\LessonFreezer;
use DomainException;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes a release ready to watch: one sound for the page, one with the pauses in it for the video, and the frozen lesson. */
class MakeRelease implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $maxExceptions = 2;

    public int $backoff = 5;

    public int $timeout = 1800;

    public function __construct(private readonly string $release)
    {
        $this->onQueue('releases');
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new KeepsReservation];
    }

    public function handle(LessonFreezer $freezer, HandoutFile $handout): void
    {
        $release = Release::query()->find($this->release);
        if ($release === null || $release->state === ReleaseState::Ready) {
            return;
        }
        Files::tidily(fn () => $this->make($release, $freezer, $handout));
    }

    private function make(Release $release, LessonFreezer $freezer, HandoutFile $handout): void
    {
        $timeline = $release->timeline();
        $loudness = array_column($release->takes, 'loudness', 'id');
        $narration = array_map(
            static fn (TimelineSegment $segment): array => [
                'take' => $segment->take->id,
                'loudness' => (float) $loudness[$segment->take->id],
                'ranges' => $segment->kept->ranges,
            ],
            $timeline->segments,
        );
        $frozen = $freezer->freeze($release->read(), $timeline);
        $waits = self::waits($timeline, $frozen);
        $pages = $handout->pages($release->read());
        $joined = self::joined($narration);
        $parts = [
            'sound.webm' => ReleaseParts::once('sound.webm', $narration, static fn (): string => AudioEncoder::encode($joined(), 'webm')),
            'sound.m4a' => ReleaseParts::once('sound.m4a', $narration, static fn (): string => AudioEncoder::encode($joined(), 'm4a')),
            'video-sound.m4a' => ReleaseParts::once(
                'video-sound.m4a',
                [$narration, $waits],
                static fn (): string => AudioEncoder::encode(AudioEncoder::withWaits($joined(), $waits), 'm4a'),
            ),
        ];
        foreach (self::films($frozen, $timeline) as $footage => $ranges) {
            $film = Footage::query()->findOrFail($footage)->film();
            $parts["film-{$footage}.mp4"] = ReleaseParts::once(
                "film-{$footage}.mp4",
                [$ranges],
                static fn (): string => FilmFile::cut(Files::found($film), $ranges),
            );
        }
        if ($pages !== []) {
            $parts['handout.pdf'] = ReleaseParts::once('handout.pdf', $pages, static fn (): string => HandoutFile::pdf($pages));
        }
        $release->update([
            'state' => ReleaseState::Ready,
            'parts' => $parts,
            'programme' => $frozen->toArray(),
        ]);
        Share::query()->where('lesson_id', $release->lesson_id)->update(['release_id' => $release->id]);
    }

    /** @return array<string, list<SampleRange>> what is kept of the take of each film that is seen, by the id of its footage */
    private static function films(FrozenLesson $lesson, Timeline $timeline): array
    {
        $films = [];
        foreach ($lesson->tracks->intervals[Track::name()] ?? [] as $filmed) {
            if ($filmed instanceof Filmed) {
                $segments = array_filter(
                    $timeline->segments,
                    static fn (TimelineSegment $segment): bool => round(Clock::milliseconds($segment->starts), 3) === $filmed->begins,
                );
                $films[$filmed->footage] = current($segments) === false ? [] : current($segments)->kept->ranges;
            }
        }

        return array_filter($films);
    }

    /** @return list<array{at: int, length: int, clip: array{file: string, from: float, to: float}|null}> as the sound of a video has them */
    private static function waits(Timeline $timeline, FrozenLesson $lesson): array
    {
        return array_map(static function (PausePoint $pause, FrozenPause $frozen): array {
            $clip = $frozen->clip;
            $file = $clip === null ? null : ClipFile::open(MediaFile::local($clip->sha256()));

            return [
                'at' => $pause->at,
                'length' => $pause->seconds * Clock::RATE,
                'clip' => $clip === null || $file?->isHeard !== true ? null : [
                    'file' => $file->path,
                    'from' => $clip->from / 1000,
                    'to' => $clip->to / 1000,
                ],
            ];
        }, $timeline->pauses(), $lesson->pauses);
    }

    /**
     * The narration in one file, put together when it is first needed.
     *
     * @param  list<array{take: string, loudness: float, ranges: list<SampleRange>}>  $narration
     * @return Closure(): string
     */
    private static function joined(array $narration): Closure
    {
        $file = null;

        return static function () use ($narration, &$file): string {
            return $file ??= AudioEncoder::join(array_map(
                static fn (array $part): array => [
                    'file' => Files::local("takes/{$part['take']}/sound.flac"),
                    'loudness' => $part['loudness'],
                    'ranges' => $part['ranges'],
                ],
                $narration,
            ));
        };
    }

    public function failed(?Throwable $error): void
    {
        $why = $error instanceof DomainException ? $error->getMessage() : 'The programs that join the sound did not do their work.';
        Release::query()->whereKey($this->release)->update([
            'state' => ReleaseState::Failed,
            'trouble' => "This version could not be put together. {$why} Share the lesson as it is now to try again.",
        ]);
    }
}
