<?php

declare(strict_types=1);

namespace Tests\Faults;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What is on the disk at any moment is a whole database with every acknowledged save in it; so is a backup taken meanwhile. */
class DatabaseCopiesTest extends TestCase
{
    private School $school;

    private Process $saving;

    protected function setUp(): void
    {
        $this->school = new School(sys_get_temp_dir().'/daybright-faults-'.bin2hex(random_bytes(4)));
        $this->school->ask('POST', '/api/lessons', ['json' => ['title' => 'Noon']]);
        $this->saving = $this->school->process(['php', __DIR__.'/saving.php']);
        $this->saving->start();
        $this->school->until(fn (): bool => $this->acknowledged() > 0, 'the first save: '.$this->saving->getErrorOutput());
    }

    protected function tearDown(): void
    {
        $this->saving->stop(0, SIGKILL);
        $this->school->close();
    }

    public function test_fifty_copies_of_a_working_database_are_whole(): void
    {
        $copy = $this->school->folder.'/copy';
        for ($moment = 0; $moment < 50; $moment++) {
            usleep(1000 * ($moment * 7 % 40));
            // Held still, as by a power cut, while the files are copied as they are.
            $this->saving->signal(SIGSTOP);
            $acknowledged = $this->acknowledged();
            mkdir($copy);
            foreach (['', '-wal'] as $file) {
                copy($this->school->folder."/database.sqlite{$file}", "{$copy}/database.sqlite{$file}");
            }
            $this->saving->signal(SIGCONT);
            $this->assertWhole($copy.'/database.sqlite', $acknowledged);
            array_map(unlink(...), glob($copy.'/*'));
            rmdir($copy);
        }
        self::assertGreaterThan(50, $this->acknowledged());
    }

    public function test_saves_are_on_the_disk_before_they_are_acknowledged(): void
    {
        // 2 is FULL: the log is synced with every transaction (SQLite, PRAGMA synchronous).
        $told = $this->school->process([
            'php',
            '-r',
            'require "vendor/autoload.php"; (require "bootstrap/app.php")->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap(); echo DB::scalar("PRAGMA synchronous"), DB::scalar("PRAGMA journal_mode");',
        ])->mustRun();
        self::assertSame('2wal', $told->getOutput());
    }

    public function test_a_backup_taken_under_load_holds_every_acknowledged_save_and_comes_back(): void
    {
        $acknowledged = $this->acknowledged();
        $this->school->artisan('school:backup', '--to='.$this->school->folder.'/backup');
        $this->saving->stop(0, SIGKILL);
        $this->school->kill();
        $this->school->artisan('school:restore', '--from='.$this->school->folder.'/backup', '--replace');
        $this->assertWhole($this->school->folder.'/database.sqlite', $acknowledged);
        $this->school->start();
        self::assertSame(200, $this->school->ask('GET', '/api/home')->getStatusCode(), 'the teacher is still signed in');
    }

    private function assertWhole(string $path, int $acknowledged): void
    {
        $database = new PDO("sqlite:{$path}");
        self::assertSame('ok', $database->query('PRAGMA integrity_check')->fetchColumn());
        $title = (string) $database->query('SELECT title FROM lessons')->fetchColumn();
        self::assertGreaterThanOrEqual($acknowledged, (int) preg_replace('/\D/', '', $title));
    }

    private function acknowledged(): int
    {
        $said = explode("\n", trim($this->saving->getOutput()));

        return (int) end($said);
    }
}
