<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\Sound\SoundCleaner;
use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;
use App\Models\Release;
use App\Recording\TakeAudio;
use Daybright\Recording\Hum;
use Daybright\Recording\SampleRange;
use PHPUnit\Framework\Attributes\DataProvider;

/** Hum, hiss and clicks are made less, and the voice stays what it was. */
final class SoundCleaningTest extends TestCase
{
    private const TEXT = 'The shadow of the flagpole is long in the morning. At noon it is short, because the Sun stands high. Measure it twice.';

    /** Of the mains, in a European and in an American school (common practice), with hiss and three clicks a second. */
    private const DISTURBED = '[0][1][2][3]amix=inputs=4:normalize=0';

    /** Nobody speaks yet, and the filters have found their level. */
    private const UNSPOKEN = 'atrim=start=0.4:end=0.9';

    /** @return iterable<string, array{string, int}> */
    public static function voices(): iterable
    {
        yield 'a low voice in a European school' => ['rms', 50];
        yield 'a higher voice in an American school' => ['slt', 60];
    }

    #[DataProvider('voices')]
    public function test_hum_hiss_and_clicks_are_less_and_the_voice_is_as_it_was(string $voice, int $mains): void
    {
        $clean = self::spoken($voice);
        $disturbed = self::disturbed($clean, $mains);
        $made = SoundCleaner::clean($disturbed);
        $this->assertSame(AudioEncoder::length($clean), AudioEncoder::length($made));
        // A second before anybody speaks: what is heard there is the noise.
        $before = self::level($disturbed, self::UNSPOKEN);
        $after = self::level($made, self::UNSPOKEN);
        $this->assertLessThan($before - 15, $after);
        $this->assertGreaterThan(-8, self::loudestClick($disturbed));
        $this->assertLessThan(-30, self::loudestClick($made));
        foreach ([[150, 300], [300, 600], [600, 1200], [1200, 2400], [2400, 4800]] as [$low, $high]) {
            $band = "highpass=f={$low}:p=2,lowpass=f={$high}:p=2";
            $this->assertEqualsWithDelta(self::level($clean, $band), self::level($made, $band), 1.0, "{$low} to {$high} Hz");
        }
        $this->assertSame(0, self::lag($clean, $made), 'the voice is where it was, to the sample at 8000 a second');
    }

    #[DataProvider('voices')]
    public function test_a_sound_without_any_of_it_stays_as_it_is(string $voice, int $mains): void
    {
        $clean = self::spoken($voice);
        $made = SoundCleaner::clean($clean);
        $this->assertSame(AudioEncoder::length($clean), AudioEncoder::length($made));
        foreach ([[80, 150], [150, 300], [300, 600], [600, 1200], [1200, 2400], [2400, 4800]] as [$low, $high]) {
            $band = "highpass=f={$low}:p=2,lowpass=f={$high}:p=2";
            $this->assertEqualsWithDelta(self::level($clean, $band), self::level($made, $band), 0.5, "{$low} to {$high} Hz");
        }
        $this->assertSame([], Hum::find(self::samples($clean, Hum::RATE)));
        $heard = Hum::find(self::samples(self::disturbed($clean, $mains), Hum::RATE));
        $this->assertContains($mains, $heard);
        $this->assertContains(3 * $mains, $heard);
        $this->assertSame([], array_filter($heard, static fn (int $tone): bool => $tone % $mains !== 0));
    }

    public function test_a_lesson_is_heard_cleaned_when_it_is_wanted_and_as_recorded_again_when_not(): void
    {
        $lesson = $this->lesson($this->teacher());
        $take = $this->take($lesson, 'measure', 2);
        copy(self::disturbed(self::spoken('rms'), 50), Files::local($take->path('sound.flac')));
        $take->update(['length' => AudioEncoder::length(Files::local($take->path('sound.flac'))), 'events' => [], 'cuts' => []]);
        $take->update(['loudness' => AudioEncoder::loudness(Files::local($take->path('sound.flac')))]);
        $this->actingAs($lesson->user);
        $this->get("/api/takes/{$take->id}/sound?cleaned=1")->assertOk();
        $this->assertFalse($take->fresh()->cleaned, 'to hear it changes nothing');
        $noise = static fn (string $file): float => self::level($file, self::UNSPOKEN);
        $recorded = $noise(Files::local(TakeAudio::path($take->fresh())));
        $editing = "/api/lessons/{$lesson->id}/editing";
        $this->putJson($editing, ['takes' => [$take->id => ['cleaned' => true]]])->assertOk()->assertJsonPath('0.cleaned', true);
        $this->assertLessThan($recorded - 12, $noise(Files::local(TakeAudio::path($take->fresh()))));

        $release = $this->shared($lesson->id);
        $sound = Files::local($release->soundPath(0, 'webm'));
        $this->assertLessThan($recorded - 12, $noise($sound));
        $this->assertEqualsWithDelta(-16.0, self::loudness($sound), 0.5);
        $this->assertTrue((new ReleaseStore)->hasChangedSince($lesson->refresh(), $this->uncleaned($release)));

        $this->putJson($editing, ['takes' => [$take->id => ['cleaned' => false]]])->assertOk();
        $this->assertEqualsWithDelta($recorded, $noise(Files::local(TakeAudio::path($take->fresh()))), 0.1);
        $this->assertTrue((new ReleaseStore)->hasChangedSince($lesson->refresh(), $release));
    }

    /** @return iterable<string, array{string, int}> */
    public static function microphones(): iterable
    {
        yield 'as it should be' => ['slt', -6];
        yield 'far too quiet' => ['slt', -30];
        yield 'far too quiet, a low voice' => ['rms', -28];
    }

    #[DataProvider('microphones')]
    public function test_every_take_comes_out_equally_loud_and_nothing_peaks(string $voice, int $decibels): void
    {
        $file = Files::temporary('flac');
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', self::spoken($voice), '-af', "volume={$decibels}dB", $file]);
        $range = new SampleRange(0, AudioEncoder::length($file));
        $joined = AudioEncoder::join([['file' => $file, 'loudness' => AudioEncoder::loudness($file), 'ranges' => [$range]]]);
        $this->assertEqualsWithDelta(-16.0, self::loudness($joined), 0.5);
        $report = Program::report('ffmpeg', ['-hide_banner', '-nostats', '-i', $joined, '-af', 'ebur128=peak=true', '-f', 'null', '-']);
        $this->assertSame(1, preg_match('/True peak:\s+Peak:\s+(-?[\d.]+) dBFS/', $report, $match));
        $this->assertLessThanOrEqual(-1.0, (float) $match[1]);
    }

    private function shared(string $lesson): Release
    {
        $id = $this->postJson("/api/lessons/{$lesson}/releases")->assertCreated()->json('id');
        MakeRelease::dispatchSync($id);

        return Release::query()->findOrFail($id);
    }

    private function uncleaned(Release $release): Release
    {
        $before = clone $release;
        $before->takes = array_map(static fn (array $take): array => ['cleaned' => false] + $take, $release->takes);

        return $before;
    }

    /** A second of silence, and a sentence, as a take is kept. */
    private static function spoken(string $voice): string
    {
        $speech = Files::temporary('wav');
        Program::run('flite', ['-voice', $voice, '-t', self::TEXT, '-o', $speech]);
        $file = Files::temporary('flac');
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-i', $speech, '-af', 'aresample=48000,volume=-3dB,adelay=1000,apad=pad_dur=0.5', '-ac', '1', '-sample_fmt', 's16', $file,
        ]);

        return $file;
    }

    private static function disturbed(string $clean, int $mains): string
    {
        $file = Files::temporary('flac');
        $long = sprintf('%.3F', AudioEncoder::length($clean) / 48000);
        $hum = implode('+', array_map(
            static fn (int $times, float $loud): string => sprintf('%.4F*sin(2*PI*%d*t)', $loud, $times * $mains),
            [1, 2, 3, 5],
            [0.006, 0.002, 0.004, 0.003],
        ));
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-i', $clean,
            '-f', 'lavfi', '-t', $long, '-i', 'anoisesrc=c=white:r=48000:a=0.004:seed=7',
            '-f', 'lavfi', '-t', $long, '-i', "aevalsrc={$hum}:s=48000",
            '-f', 'lavfi', '-t', $long, '-i', "aevalsrc='if(lt(mod(t,0.337),0.0001),0.5,0)':s=48000",
            '-filter_complex', self::DISTURBED, '-sample_fmt', 's16', $file,
        ]);

        return $file;
    }

    /** @return float decibels of full scale at the loudest moment before anybody speaks */
    private static function loudestClick(string $file): float
    {
        return self::stat($file, self::UNSPOKEN, 'Peak level dB');
    }

    private static function level(string $file, string $filter): float
    {
        return self::stat($file, $filter, 'RMS level dB');
    }

    private static function stat(string $file, string $filter, string $name): float
    {
        $measure = "{$filter},astats=measure_perchannel=none";
        $report = Program::report('ffmpeg', ['-hide_banner', '-nostats', '-i', $file, '-af', $measure, '-f', 'null', '-']);
        self::assertSame(1, preg_match('/'.$name.': (-?[\d.]+)/', $report, $match), $report);

        return (float) $match[1];
    }

    private static function loudness(string $file): float
    {
        $report = Program::report('ffmpeg', ['-hide_banner', '-nostats', '-i', $file, '-af', 'ebur128', '-f', 'null', '-']);
        preg_match_all('/I:\s+(-?[\d.]+) LUFS/', $report, $match);

        return (float) end($match[1]);
    }

    /** @return list<float> */
    private static function samples(string $file, int $rate): array
    {
        $sound = Program::run('ffmpeg', ['-v', 'error', '-i', $file, '-ac', '1', '-ar', (string) $rate, '-f', 'f32le', '-']);

        return array_values((array) unpack('g*', $sound));
    }

    /** @return int samples, 8000 a second, by which one is later than the other */
    private static function lag(string $one, string $other): int
    {
        [$one, $other] = [array_slice(self::samples($one, 8000), 10_000, 8000), self::samples($other, 8000)];
        $best = [-INF, 0];
        for ($lag = -250; $lag <= 250; $lag++) {
            $sum = 0.0;
            foreach ($one as $at => $sample) {
                $sum += $sample * ($other[10_000 + $at + $lag] ?? 0.0);
            }
            $best = max($best, [$sum, $lag]);
        }

        return $best[1];
    }
}
