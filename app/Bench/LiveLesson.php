<?php

declare(strict_types=1);

namespace App\Bench;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Footage\FootageStore;
use App\Jobs\PrepareFootage;
use App\Lessons\LessonStore;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\User;
use Illuminate\Support\Str;

/** A lesson in which a curve is turned and looked at closer all the time, with a camera beside it or without one. */
final readonly class LiveLesson
{
    /** Milliseconds between two acts, while the curve is turned for ten seconds in every twenty. */
    private const TURN = 100;

    private const FILM = 'testsrc2=size=640x360:rate=25';

    public function __construct(private User $teacher, private LessonStore $store, private FootageStore $footage)
    {
    }

    public function record(int $seconds, bool $withCamera): Lesson
    {
        $lesson = CurveLesson::begin($this->store, $this->teacher);
        $film = Str::lower(Str::random(22));
        $shown = ['at' => 0, 'footage' => $film];
        $take = NoiseTake::record($lesson, $lesson->read()->mainSlides()[0], $seconds, 0, [
            ...$withCamera ? [['kind' => 'footage', 'source' => 'camera'] + $shown, ['kind' => 'shown', 'place' => 'beside'] + $shown] : [],
            ...self::acts($seconds),
            ...self::views($seconds),
        ]);
        if ($withCamera) {
            $this->film($take, $film, $seconds);
        }

        return $lesson;
    }

    /** @return list<array<string, mixed>> */
    private static function acts(int $seconds): array
    {
        $acts = [];
        for ($at = 0; $at < $seconds * 1000; $at += self::TURN) {
            if ($at % 20_000 < 10_000) {
                $number = intdiv($at, self::TURN) / 10;
                $change = ['quantities' => ['functions' => "x² + {$number}x − 3"]];
                $acts[] = ['kind' => 'act', 'at' => $at, 'block' => CurveLesson::BLOCK, 'change' => $change];
            }
        }

        return $acts;
    }

    /** @return list<array<string, mixed>> closer, and back, in every ten seconds */
    private static function views(int $seconds): array
    {
        $views = [];
        for ($second = 0; $second + 10 <= $seconds; $second += 10) {
            $views[] = ['kind' => 'view', 'at' => 1000 * $second + 3000, 'x' => 400, 'y' => 200, 'width' => 800];
            $views[] = ['kind' => 'view', 'at' => 1000 * $second + 6000, 'x' => 0, 'y' => 0, 'width' => 1600];
        }

        return $views;
    }

    private function film(Take $take, string $id, int $seconds): void
    {
        $film = Files::temporary('webm');
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-f', 'lavfi', '-i', self::FILM.":duration={$seconds}",
            '-c:v', 'libvpx', '-deadline', 'realtime', '-cpu-used', '8', '-b:v', '1M', $film,
        ]);
        $footage = $this->footage->begin($take, $id, 'camera');
        $bytes = (string) file_get_contents($film);
        $this->footage->piece($footage, 0, $bytes, hash('sha256', $bytes));
        $this->footage->finish($footage, 1);
        PrepareFootage::dispatchSync($id);
        unlink($film);
    }
}
