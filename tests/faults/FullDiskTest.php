<?php

declare(strict_types=1);

namespace Tests\Faults;

use App\Models\Lesson;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Process\Process;
use Tests\App\TestCase;

/** A disk that is full: reading goes on, writing says so, and afterwards everything goes on. */
class FullDiskTest extends TestCase
{
    private const TAKE = 'abcdefghijklmnopqrstuv';

    private string $disk;

    private Lesson $made;

    protected function setUp(): void
    {
        parent::setUp();
        $this->disk = sys_get_temp_dir().'/daybright-disk-'.bin2hex(random_bytes(4));
        mkdir($this->disk);
        self::asRoot('mount', '-t', 'tmpfs', '-o', 'size=3m,mode=0777', 'tmpfs', $this->disk);
        touch($this->disk.'/database.sqlite');
        config([
            'database.connections.small' => ['database' => $this->disk.'/database.sqlite'] + config('database.connections.sqlite'),
            'database.default' => 'small',
            'filesystems.disks.small' => ['driver' => 'local', 'root' => $this->disk.'/private'],
            'filesystems.default' => 'small',
            'daybright.work_folder' => $this->disk.'/work',
        ]);
        $this->artisan('migrate', ['--force' => true]);
        $this->made = $this->lesson($teacher = $this->teacher());
        $this->actingAs($teacher);
        $this->putJson("/api/lessons/{$this->made->id}/takes/".self::TAKE, ['slide' => 'measure', 'source' => 'microphone'])->assertOk();
        $this->piece(0)->assertOk();
    }

    protected function tearDown(): void
    {
        config(['database.default' => 'sqlite']);
        DB::purge('small');
        self::asRoot('umount', '-l', $this->disk);
        rmdir($this->disk);
        parent::tearDown();
    }

    public function test_reading_goes_on_and_writing_says_so(): void
    {
        $files = Storage::allFiles();
        $filler = fopen($this->disk.'/filler', 'wb');
        while (@fwrite($filler, str_repeat('x', 512)) === 512 && @fflush($filler)) {
        }
        $this->getJson("/api/lessons/{$this->made->id}")->assertOk();
        $this->getJson('/api/home')->assertOk();
        $this->assertTold($this->piece(1));
        $this->assertTold($this->save('While it is full'));
        $this->assertSame($files, Storage::allFiles(), 'no half a piece is left');
        $this->assertSame(1, $this->made->takes()->findOrFail(self::TAKE)->pieces()->count());
        fclose($filler);
        unlink($this->disk.'/filler');
        $this->piece(1)->assertOk();
        $this->save('Afterwards')->assertOk();
        $this->getJson("/api/lessons/{$this->made->id}")->assertJsonPath('document.title', 'Afterwards');
    }

    private function assertTold(TestResponse $answer): void
    {
        $answer->assertStatus(507);
        $this->assertStringContainsString('disk', (string) $answer->json('detail'));
    }

    private function save(string $title): TestResponse
    {
        return $this->putJson("/api/lessons/{$this->made->id}", ['version' => 1, 'document' => ['title' => $title] + self::document()]);
    }

    private function piece(int $number): TestResponse
    {
        $bytes = str_repeat("sound {$number} ", 20000);

        return $this->post(
            '/api/takes/'.self::TAKE."/pieces/{$number}",
            [
                '_method' => 'PUT',
                'sound' => UploadedFile::fake()->createWithContent('p', $bytes),
                'sha256' => hash('sha256', $bytes),
                'events' => '[]',
            ],
            ['Accept' => 'application/json'],
        );
    }

    private static function asRoot(string ...$command): void
    {
        (new Process(posix_geteuid() === 0 ? $command : ['sudo', ...$command]))->mustRun();
    }
}
