<?php

declare(strict_types=1);

namespace App\Watching;

use App\Adapters\Files;
use App\Adapters\ProgramFailed;
use App\Adapters\Sound\AudioEncoder;
use App\Media\Picture\Photo;
use App\Models\Answer;
use Closure;
use Daybright\Question\GivenAsFile;
use Daybright\Recording\Clock;
use DomainException;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** What a student said or drew, written anew: nothing is kept but the sound or the points of the picture. */
final readonly class AnswerFile
{
    public const FOLDER = 'answers';

    /** Seconds that an answer may be spoken for, and those by which a recorder stops late. */
    private const LONGEST = 60;

    private const LATE = 3;

    /** @param  string  $given what stands for it in words: of a recording its seconds */
    private function __construct(public string $path, public string $given)
    {
    }

    /**
     * @param  GivenAsFile::SOUND|GivenAsFile::PICTURE  $kind
     * @param  string  $source path of what was sent
     * @param  Closure(): (AskedSlide|null)  $slide on which a picture may have been drawn
     *
     * @throws DomainException when it is neither
     */
    public static function keep(string $kind, string $source, Closure $slide): self
    {
        return $kind === GivenAsFile::SOUND ? self::sound($source) : self::picture($source, $slide);
    }

    /** @return string a type that says how it is seen or heard */
    public static function type(Answer $answer): string
    {
        return match (pathinfo((string) $answer->file, PATHINFO_EXTENSION)) {
            'm4a' => 'audio/mp4',
            'png' => 'image/png',
            'webp' => 'image/webp',
            default => 'image/jpeg',
        };
    }

    /** Files whose answers are gone. */
    public static function tidy(): void
    {
        $kept = Answer::query()->whereNotNull('file')->pluck('file')->all();
        $isOld = static fn (string $path): bool => Storage::lastModified($path) < now()->subDay()->getTimestamp();
        Storage::delete(array_filter(array_diff(Storage::allFiles(self::FOLDER), $kept), $isOld));
    }

    private static function sound(string $source): self
    {
        return Files::tidily(static function () use ($source): self {
            try {
                $sound = AudioEncoder::decode($source);
            } catch (ProgramFailed $failed) {
                throw $failed->isAway ? $failed : new DomainException('This recording cannot be played. Record it again.');
            }
            $seconds = AudioEncoder::length($sound) / Clock::RATE;
            if ($seconds < 0.5) {
                throw new DomainException('Nothing was recorded. Press “Record”, speak, then press “Stop”.');
            }
            if ($seconds > self::LONGEST + self::LATE) {
                throw new DomainException('An answer may take a minute. Record it again, a little shorter.');
            }
            $path = self::fresh('m4a');
            Files::keep(AudioEncoder::encode($sound, 'm4a'), $path);

            return new self($path, (string) max(1, (int) round($seconds)));
        });
    }

    /** @param  Closure(): (AskedSlide|null)  $slide */
    private static function picture(string $source, Closure $slide): self
    {
        $drawn = Photo::open((string) file_get_contents($source));
        $photo = $drawn->type === 'image/png' ? Files::tidily(static fn (): Photo => $slide()?->under($drawn) ?? $drawn) : $drawn;
        $path = self::fresh(Str::after($photo->type, '/'));
        Files::write($path, $photo->bytes);

        return new self($path, GivenAsFile::PICTURE);
    }

    private static function fresh(string $ending): string
    {
        return self::FOLDER.'/'.Str::lower(Str::random(32)).'.'.$ending;
    }
}
