<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\Video\VideoChoice;
use App\Adapters\Video\VideoMaker;
use App\Formats\WritingStopped;
use App\Lessons\ReleaseMaker;
use App\Lessons\ReleaseStore;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Lesson;
use DomainException;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Makes the sounds and the video's segments of a lesson as it is now, so that sharing it and its video take seconds. */
class PrepareVideo implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 3600;

    public int $uniqueFor = 3600;

    /** Seconds: a teacher who records slide after slide, or cuts word after word, is not worked for at every one. */
    private const QUIET = 15;

    public function __construct(private readonly string $lesson)
    {
        $this->onQueue('ahead');
    }

    public static function soon(string $lesson): void
    {
        if (config('daybright.makes_videos_ahead')) {
            self::dispatch($lesson)->delay(self::QUIET);
        }
    }

    public function uniqueId(): string
    {
        return $this->lesson;
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new KeepsReservation];
    }

    public function handle(ReleaseStore $releases, ReleaseMaker $maker, VideoMaker $videos): void
    {
        $lesson = Lesson::query()->find($this->lesson);
        if ($lesson === null) {
            return;
        }
        try {
            $draft = $releases->draft($lesson);
            Files::tidily(fn () => $draft->fill($maker->make($draft)));
            $videos->prepare($draft, new VideoChoice, self::giveWay(...));
        } catch (WritingStopped) {
            self::soon($this->lesson);
        } catch (DomainException) {
            // What is in the way of a version is told to whoever shares the lesson.
        }
    }

    /** What somebody waits for comes first; what has been made stays. */
    private static function giveWay(): void
    {
        if (Export::query()->where('state', ExportState::Waiting)->exists()) {
            throw new WritingStopped('Another file is waited for.');
        }
    }
}
