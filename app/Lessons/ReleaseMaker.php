<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Footage\FilmFile;
use App\Models\Footage;
use App\Models\Release;
use App\Recording\HeardSound;
use Closure;
use Daybright\Recording\Clock;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineSegment;
use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Footage\Footage as Track;
use Daybright\Release\FrozenLesson;
use Daybright\Release\LessonFreezer;
use Daybright\Release\LessonStages;

/** Freezes a version of a lesson and makes the files that belong to it, as far as they are not there yet. */
final readonly class ReleaseMaker
{
    public function __construct(private LessonFreezer $freezer, private HandoutFile $handout)
    {
    }

    /** @return array{programme: array<string, mixed>, outline: array<string, mixed>, parts: array<string, string>} what a version has when it is ready */
    public function make(Release $release): array
    {
        $timeline = $release->timeline();
        $frozen = $this->freezer->freeze($release->read(), $timeline);
        $parts = [];
        foreach (LessonStages::of($frozen->outline()) as $number => $stage) {
            $narration = $release->narration(Clock::samples($stage->from), Clock::samples($stage->to));
            $joined = self::joined($narration);
            foreach (['webm', 'm4a'] as $kind) {
                $name = Release::sound($number, $kind);
                $parts[$name] = ReleaseParts::once(
                    $release->lesson_id,
                    "stage.{$kind}",
                    $narration,
                    static fn (): string => AudioEncoder::encode($joined(), $kind),
                );
            }
        }
        foreach (self::films($frozen, $timeline) as $footage => $ranges) {
            $film = Footage::query()->findOrFail($footage)->film();
            $cut = static fn (): string => FilmFile::cut(Files::found($film), $ranges);
            $name = "film-{$footage}.mp4";
            $parts[$name] = ReleaseParts::once($release->lesson_id, $name, [$footage, $ranges], $cut);
        }
        $pages = $this->handout->pages($release->read());
        if ($pages !== []) {
            $print = static fn (): string => HandoutFile::pdf($pages);
            $parts['handout.pdf'] = ReleaseParts::once($release->lesson_id, 'handout.pdf', $pages, $print);
        }

        return ['programme' => $frozen->toArray(), 'outline' => $frozen->outline()->toArray(), 'parts' => $parts];
    }

    /** @return array<string, list<SampleRange>> what is kept of the take of all that was filmed and is seen, by the id of its footage */
    private static function films(FrozenLesson $lesson, Timeline $timeline): array
    {
        $films = [];
        foreach ($lesson->tracks->intervals[Track::name()] ?? [] as $filmed) {
            if ($filmed instanceof Filmed && $filmed->clip() === null) {
                $segments = array_filter(
                    $timeline->segments,
                    static fn (TimelineSegment $segment): bool => round(Clock::milliseconds($segment->starts), 3) === $filmed->begins,
                );
                $films[$filmed->footage] = current($segments) === false ? [] : current($segments)->kept->ranges;
            }
        }

        return array_filter($films);
    }

    /** @return string path of a temporary file: all that is said, as M4A */
    public static function whole(Release $release): string
    {
        return AudioEncoder::encode(self::joined($release->narration())(), 'm4a');
    }

    /**
     * The narration in one file, put together when it is first needed.
     *
     * @param  list<array{take: string, cleaned: bool, loudness: float, ranges: list<SampleRange>}>  $narration
     * @return Closure(): string
     */
    private static function joined(array $narration): Closure
    {
        $file = null;

        return static function () use ($narration, &$file): string {
            return $file ??= AudioEncoder::join(array_map(static function (array $part): array {
                $heard = HeardSound::of($part['take'], $part['cleaned'], $part['loudness']);

                return ['file' => $heard->file, 'loudness' => $heard->loudness, 'ranges' => $part['ranges']];
            }, $narration));
        };
    }
}
