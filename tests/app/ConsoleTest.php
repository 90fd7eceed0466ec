<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Models\Lesson;
use Daybright\Figure\Figures;
use Symfony\Component\Process\Process;

class ConsoleTest extends TestCase
{
    public function test_a_figure_is_drawn_from_json_and_bad_quantities_get_a_sentence(): void
    {
        [$code, $drawn] = $this->piped(
            'figure:draw',
            ['figure' => 'solid', 'quantities' => ['mode' => 'edges', 'length' => '6', 'width' => '4', 'height' => '3', 'unit' => 'cm']],
        );
        $this->assertSame(0, $code);
        $facts = array_column($drawn['facts'], 'written', 'name');
        $this->assertSame("72\u{00A0}cm³", $facts['volume']);
        $this->assertStringStartsWith('<svg', $drawn['svg']);
        $this->assertNotSame([], $drawn['steps']);
        $this->assertStringContainsString('6', $drawn['words']);
        [$code, $refused] = $this->piped(
            'figure:draw',
            ['figure' => 'solid', 'quantities' => ['mode' => 'edges', 'length' => '-6', 'width' => '4', 'height' => '3', 'unit' => 'cm']],
        );
        $this->assertSame([1, 'length'], [$code, $refused['field']]);
        $this->assertSame(1, $this->piped('figure:draw', 'no json')[0]);
    }

    public function test_every_figure_of_the_catalogue_is_drawn_from_its_own_beginning(): void
    {
        foreach (['timeline', 'sound-boxes', 'polar-graph'] as $name) {
            $figure = Figures::called($name);
            [$code, $drawn] = $this->piped('figure:draw', ['figure' => $name, 'quantities' => $figure::blank()]);
            $this->assertSame(0, $code);
            $this->assertStringStartsWith('<svg', $drawn['svg']);
            $this->assertNotSame([], $drawn['facts']);
        }
    }

    public function test_the_page_of_figures_tells_of_every_one_with_its_picture(): void
    {
        $page = (string) file_get_contents(base_path('docs/figures.md'));
        foreach (Figures::all() as $figure) {
            $this->assertStringContainsString('## '.$figure::entry()->label."\n", $page);
            $this->assertFileExists(base_path("docs/figures/{$figure::entry()->name}.png"));
        }
    }

    public function test_a_worked_example_is_written_from_json(): void
    {
        [$code, $written] = $this->piped('worked:write', ['method' => 'units', 'quantities' => ['amount' => '3 km', 'to' => 'm']]);
        $this->assertSame([0, '3 × 1000 = 3000', "3000\u{00A0}m"], [$code, $written['lines'][1]['formula'], $written['answer']]);
        [$code, $refused] = $this->piped('worked:write', ['method' => 'units', 'quantities' => ['amount' => '3 km', 'to' => 'kg']]);
        $this->assertSame([1, 'to'], [$code, $refused['field']]);
        $this->assertSame(1, $this->piped('worked:write', 'no json')[0]);
    }

    public function test_sums_are_checked_from_json(): void
    {
        [$code, $found] = $this->piped('maths:check', ['text' => 'So 14 × 30 = 450, and 2 + 2 = 4.']);
        $this->assertSame(0, $code);
        $this->assertSame(['false', 'true'], array_column($found['equalities'], 'verdict'));
        $this->assertSame('420', $found['equalities'][0]['correction']);
        $this->assertSame(1, $this->piped('maths:check', ['words' => 'x'])[0]);
    }

    public function test_a_lesson_is_checked_by_title_or_as_a_document(): void
    {
        $document = self::document();
        $document['parts'][0]['slides'][0]['steps'][0]['script'] = 'So 14 × 30 = 450.';
        $this->lesson($this->teacher(), $document);
        $this->artisan('lesson:check', ['lesson' => 'Shadows'])->expectsOutputToContain('false-equality')->assertSuccessful();
        $this->artisan('lesson:check', ['lesson' => 'Nothing'])->expectsOutputToContain('There is no lesson')->assertFailed();
        [$code, $found] = $this->piped('lesson:check', $document);
        $this->assertSame(0, $code);
        $this->assertContains('false-equality', array_column($found['findings'], 'rule'));
        $this->assertSame(1, $this->piped('lesson:check', ['title' => 'Not whole'])[0]);
    }

    public function test_a_lesson_is_painted_from_json_on_either_page_and_in_any_look(): void
    {
        $document = $this->document();
        $painted = [];
        foreach ([[], ['--page=tall'], ['--look=dusk']] as $options) {
            [$code, $answer] = $this->piped('lesson:paint', $document, $options);
            $this->assertSame(0, $code);
            $painted[] = $answer['slides'][0];
        }
        $this->assertStringContainsString('viewBox="0 0 1600 900"', $painted[0]['svg']);
        $this->assertStringContainsString('viewBox="0 0 670 1042"', $painted[1]['svg']);
        $this->assertStringContainsString('#14203A', $painted[2]['svg']);
        $this->assertNotSame($painted[0]['boxes'], $painted[1]['boxes']);
        $this->assertSame($painted[0]['boxes'], $painted[2]['boxes']);
        $this->assertStringContainsString('“wide” or “tall”', $this->piped('lesson:paint', $document, ['--page=round'])[1]['error']);
        $this->assertStringContainsString('dew, ember', $this->piped('lesson:paint', $document, ['--look=hologram'])[1]['error']);
    }

    public function test_a_lesson_goes_out_to_a_file_and_in_for_another_teacher(): void
    {
        $lesson = $this->lesson($this->teacher());
        $this->take($lesson, 'measure', 1);
        $this->teacher('Sol');
        $file = Files::temporary('zip');
        $this->artisan('lesson:export', ['lesson' => $lesson->id, '--as' => 'archive', '--to' => $file])->assertSuccessful();
        $this->artisan('lesson:import', ['file' => $file, '--for' => 'sol@larkfield.example'])->assertSuccessful();
        $this->assertSame(2, Lesson::query()->count());
        $this->artisan('lesson:check', ['lesson' => 'Shadows'])->expectsOutputToContain('Several lessons')->assertFailed();
        $this->artisan('lesson:import', ['file' => $file, '--for' => 'nobody@larkfield.example'])
            ->expectsOutputToContain('Say for whom')
            ->assertFailed();
        file_put_contents($file, substr((string) file_get_contents($file), 0, 500));
        $this->artisan('lesson:import', ['file' => $file, '--for' => 'sol@larkfield.example'])
            ->expectsOutputToContain('cut short')
            ->assertFailed();
        $this->artisan(
            'lesson:export',
            ['lesson' => $lesson->id, '--as' => 'archive', '--to' => '/nowhere/at/all.zip'],
        )->expectsOutputToContain('a folder that exists')->assertFailed();
        unlink($file);
    }

    public function test_a_video_of_a_lesson_that_was_never_shared_makes_its_own_version(): void
    {
        $lesson = $this->lesson($this->teacher());
        $this->take($lesson, 'measure', 1);
        $file = Files::temporary('mp4');
        $this->artisan('lesson:export', ['lesson' => 'Shadows', '--as' => 'mp4', '--to' => $file])->assertSuccessful();
        // One second of voice and five of waiting.
        $this->assertEqualsWithDelta(
            6,
            (float) Program::run('ffprobe', ['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', $file]),
            0.2,
        );
        $captions = Files::temporary('vtt');
        $this->artisan('lesson:export', ['lesson' => 'Shadows', '--as' => 'captions', '--to' => $captions])->assertSuccessful();
        $this->assertStringStartsWith('WEBVTT', (string) file_get_contents($captions));
        $this->artisan('lesson:export', ['lesson' => 'Shadows', '--as' => 'mp4'])
            ->expectsOutputToContain('Say which file')
            ->assertFailed();
        unlink($file);
        unlink($captions);
        $this->artisan('lesson:export', ['lesson' => 'Shadows', '--as' => 'hologram', '--to' => $file])
            ->expectsOutputToContain('Choose one of: mp4')
            ->assertFailed();
    }

    /**
     * @param  list<string>  $options
     * @return array{int, array<string, mixed>} exit code and what was written, of a command that reads standard input
     */
    private function piped(string $command, mixed $input, array $options = []): array
    {
        $process = new Process(
            [PHP_BINARY, base_path('artisan'), $command, ...$options],
            base_path(),
            ['APP_ENV' => 'testing', 'APP_KEY' => config('app.key')],
            is_string($input) ? $input : json_encode($input),
            60,
        );
        $process->run();

        return [$process->getExitCode(), json_decode($process->getOutput(), true) ?? []];
    }
}
