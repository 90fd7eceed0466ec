<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\Files;
use App\Lessons\ReleaseParts;
use App\Media\Clip\ClipFile;
use App\Models\MediaFile;
use App\Models\Release;
use App\Recording\HeardSound;
use Closure;
use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Tracks\Footage\Filmed;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\PaintsFrames;
use Daybright\Recording\Tracks\Tracks;
use Daybright\Release\FrozenClip;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPause;
use Daybright\Release\LessonSegments;
use Daybright\Release\SeenPicture;

/** The stretch of a video in which one slide is spoken about: its pictures and its sound, each kept by the hash of all that is in it. */
final readonly class VideoSegment
{
    public SeenDrawings $drawings;

    /**
     * @param  FrozenLesson  $lesson the slide's stretch alone
     * @param  array{take: string, cleaned: bool, loudness: float, ranges: list<SampleRange>}  $narration
     */
    private function __construct(
        public FrozenLesson $lesson,
        private array $narration,
        private Release $release,
        public VideoChoice $choice,
    ) {
        $this->drawings = new SeenDrawings($lesson, $choice->shape, $choice->captions === CaptionPlace::Burnt);
    }

    /** @return list<self> in order */
    public static function of(Release $release, VideoChoice $choice): array
    {
        $lesson = $choice->waits ? $release->frozen() : $release->frozen()->withoutWaiting();

        return array_map(
            static fn (FrozenLesson $segment, array $narration): self => new self($segment, $narration, $release, $choice),
            LessonSegments::of($lesson),
            $release->narration(),
        );
    }

    /** @return int samples of the video */
    public function length(): int
    {
        return $this->lesson->video()->length();
    }

    /** @return list<Cue> that are always seen */
    public function burnt(): array
    {
        return $this->choice->captions === CaptionPlace::Burnt ? $this->lesson->videoCaptions() : [];
    }

    /** Whether a film is in its pictures, so that they move all over. */
    public function isFilmed(): bool
    {
        $isFilm = static fn (FrozenPause $pause): bool => $pause->clip?->isFilm() === true;

        return $this->films() !== [] || array_filter($this->lesson->pauses, $isFilm) !== [];
    }

    /** @return string the path under which its pictures are kept */
    public function pictures(): string
    {
        $shape = $this->choice->shape;
        $drawn = $this->lesson->drawnOver($shape->format())->intervals;
        $all = static fn (array $items): array => array_map(static fn (Interval|Cue $item): array => $item->toArray(), $items);
        $madeFrom = [
            PictureEncoder::EDITION,
            $shape->value,
            $this->lesson->length,
            $this->drawings->named,
            array_map(static fn (SeenPicture $seen): array => [$seen->from, $seen->to, $seen->key()], $this->drawings->shown),
            array_map(static fn (string $track): array => $all($drawn[$track::name()] ?? []), Tracks::that(PaintsFrames::class)),
            $this->stops(),
            array_map(fn (Filmed $film): array => [$film->toArray(), $this->part($film)], $this->films()),
            $all($this->burnt()),
        ];

        return ReleaseParts::segment($this->release->lesson_id, "pictures.{$this->choice->ending()}", $madeFrom);
    }

    /** @return string the path under which its sound is kept, as AAC in ADTS */
    public function sound(): string
    {
        return ReleaseParts::segment($this->release->lesson_id, 'sound.aac', [$this->narration, $this->stops()]);
    }

    /** @return array{file: string, loudness: float, ranges: list<SampleRange>} what is heard of its take */
    public function heard(): array
    {
        $heard = HeardSound::of($this->narration['take'], $this->narration['cleaned'], $this->narration['loudness']);

        return ['file' => $heard->file, 'loudness' => $heard->loudness, 'ranges' => $this->narration['ranges']];
    }

    /** @return list<array{at: int, length: int, clip: array{file: string, from: float, to: float}|null}> in samples; what is heard in seconds */
    public function waits(): array
    {
        return array_map(static fn (FrozenPause $pause): array => [
            'at' => Clock::samples($pause->at),
            'length' => $pause->seconds * Clock::RATE,
            'clip' => $pause->clip === null ? null : self::clip($pause->clip),
        ], $this->lesson->pauses);
    }

    /** @return Closure(Filmed): string path of a film on this machine */
    public function film(): Closure
    {
        return fn (Filmed $film): string => $film->clip() === null
            ? Files::local((string) $this->part($film))
            : MediaFile::local($film->clip());
    }

    /** Where the version has what was filmed; null of a clip, which is the same in every version. */
    private function part(Filmed $film): ?string
    {
        return $film->clip() === null ? $this->release->path("film-{$film->footage}.mp4") : null;
    }

    /** @return list<array<mixed>> all that pictures and sound have of its pause points and clips */
    private function stops(): array
    {
        return array_map(static fn (FrozenPause $pause): array => [
            $pause->at,
            $pause->seconds,
            $pause->clip === null ? null : [$pause->clip->file, $pause->clip->from, $pause->clip->to],
        ], $this->lesson->pauses);
    }

    /** @return list<Filmed> */
    private function films(): array
    {
        $films = [];
        foreach ($this->drawings->shown as $seen) {
            array_push($films, ...$seen->films);
        }

        return $films;
    }

    /** @return array{file: string, from: float, to: float}|null null where nothing is heard */
    private static function clip(FrozenClip $clip): ?array
    {
        $file = ClipFile::open(MediaFile::local($clip->sha256()));

        return ! $file->isHeard ? null : ['file' => $file->path, 'from' => $clip->from / 1000, 'to' => $clip->to / 1000];
    }
}
