<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\PracticeVoice;
use App\Jobs\AlignTake;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeSource;
use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Slide;
use Daybright\Recording\Clock;

/** Records a slide with the practice voice without a browser: each step is revealed as its line begins. */
final class SpokenTake
{
    /** Seconds of quiet before each line. */
    private const BREATH = 0.4;

    /** @param  list<array<string, mixed>>  $drawn events beside the steps; “at” counts from the start of the step named by “during” */
    public function record(Lesson $lesson, Slide $slide, float $pace, array $drawn = []): Take
    {
        return Files::tidily(fn (): Take => $this->recorded($lesson, $slide, $pace, $drawn));
    }

    /** @param  list<array<string, mixed>>  $drawn */
    private function recorded(Lesson $lesson, Slide $slide, float $pace, array $drawn): Take
    {
        $facts = SlideFacts::on($slide);
        $language = $lesson->read()->language;
        $sound = self::quiet(self::BREATH);
        $events = [['kind' => 'show', 'at' => 0, 'slide' => $slide->id]];
        foreach ($slide->steps as $number => $step) {
            $at = round(strlen($sound) / 2 * 1000 / Clock::RATE, 1);
            if ($number > 0) {
                $events[] = ['kind' => 'step', 'at' => $at, 'step' => $step->id];
            }
            foreach ($drawn as $event) {
                if ($event['during'] === $step->id) {
                    $events[] = ['at' => $at + $event['at']] + array_diff_key($event, ['during' => 1]);
                }
            }
            $sound .= self::spoken(PlainWords::read($step->script, $facts), $pace, $language).self::quiet(self::BREATH + $step->pause);
        }
        usort($events, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);
        $take = $lesson->takes()->create(['slide' => $slide->id, 'source' => TakeSource::Practice, 'events' => $events]);
        MeasuredSound::keep($take, self::flac($sound));
        app(TakeStore::class)->choose($take);
        AlignTake::dispatchSync($take->id);

        return $take;
    }

    private static function spoken(string $script, float $pace, string $language): string
    {
        $wav = PracticeVoice::speak($script, $pace, $language);
        $raw = Program::run('ffmpeg', ['-v', 'error', '-i', $wav, '-ac', '1', '-ar', (string) Clock::RATE, '-f', 's16le', '-']);
        unlink($wav);

        return $raw;
    }

    private static function quiet(float $seconds): string
    {
        return str_repeat("\x00\x00", (int) round($seconds * Clock::RATE));
    }

    private static function flac(string $raw): string
    {
        $target = Files::temporary('flac');
        Program::run(
            'ffmpeg',
            ['-v', 'error', '-y', '-f', 's16le', '-ac', '1', '-ar', (string) Clock::RATE, '-i', 'pipe:0', $target],
            $raw,
        );

        return $target;
    }
}
