<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Adapters\Files;
use App\Jobs\MakeExport;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Release;
use App\Models\ReleaseState;
use Illuminate\Support\Facades\DB;
use Tests\App\TestCase;

/** ffmpeg is missing, or never ends: the teacher is told, nothing is lost, and it is made once the program is back. */
class ProgramsTest extends TestCase
{
    public function test_a_release_and_a_video_outlive_a_missing_and_a_hanging_ffmpeg(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $this->take($lesson, 'measure', 1);
        $this->actingAs($teacher);
        $hanging = Files::temporary('sh');
        file_put_contents($hanging, "#!/bin/sh\nexec sleep 60\n");
        chmod($hanging, 0700);
        config(['queue.default' => 'database']);
        foreach (['/nowhere/ffmpeg', $hanging] as $program) {
            config(['daybright.programs.ffmpeg' => $program, 'daybright.longest_wait' => 0.3]);
            $id = $this->postJson("/api/lessons/{$lesson->id}/releases")->assertCreated()->json('id');
            $this->work('releases', fn (): bool => Release::query()->findOrFail($id)->state !== ReleaseState::Making);
            $release = Release::query()->findOrFail($id);
            $this->assertSame(ReleaseState::Failed, $release->state);
            $this->assertMatchesRegularExpression('/\.$/', (string) $release->trouble);
            $this->assertStringNotContainsString('sleep', (string) $release->trouble);
        }
        config(['daybright.programs.ffmpeg' => 'ffmpeg', 'daybright.longest_wait' => 60]);
        $id = $this->postJson("/api/lessons/{$lesson->id}/releases")->assertCreated()->json('id');
        $this->work('releases', fn (): bool => Release::query()->findOrFail($id)->state !== ReleaseState::Making);
        $this->assertSame(ReleaseState::Ready, Release::query()->findOrFail($id)->state);

        config(['daybright.programs.ffmpeg' => $hanging, 'daybright.longest_wait' => 0.3]);
        $export = Export::factory()->create(['release_id' => $id]);
        MakeExport::dispatch($export->id);
        $this->work('videos', fn (): bool => ! in_array($export->fresh()->state, ExportState::ON_THE_WAY, true));
        $this->assertSame(ExportState::Failed, $export->fresh()->state);
        config(['daybright.programs.ffmpeg' => 'ffmpeg', 'daybright.longest_wait' => 60]);
        $again = Export::factory()->create(['release_id' => $id]);
        MakeExport::dispatch($again->id);
        $this->work('videos', fn (): bool => ! in_array($again->fresh()->state, ExportState::ON_THE_WAY, true));
        $this->assertSame(ExportState::Ready, $again->fresh()->state);
        $this->assertSame([$hanging], glob(Files::workFolder().'/*'));
    }

    /** @param  callable(): bool  $isDone */
    private function work(string $queue, callable $isDone): void
    {
        for ($tries = 0; $tries < 8 && ! $isDone(); $tries++) {
            $this->artisan('queue:work', ['--once' => true, '--queue' => $queue]);
            $this->travel(30)->seconds();
        }
        $this->assertTrue($isDone(), 'it still waits: '.DB::table('jobs')->count().' jobs');
    }
}
