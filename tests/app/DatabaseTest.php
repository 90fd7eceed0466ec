<?php

declare(strict_types=1);

namespace Tests\App;

use App\Database\ImmediatePdo;
use App\Database\SessionRows;
use Illuminate\Support\Facades\DB;
use PDO;
use Symfony\Component\Process\PhpProcess;

class DatabaseTest extends TestCase
{
    public function test_two_processes_that_read_and_then_write_wait_for_each_other(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'sqlite');
        (new PDO("sqlite:{$file}"))->exec(
            'PRAGMA journal_mode = WAL; CREATE TABLE counter (value INTEGER); INSERT INTO counter VALUES (0)',
        );
        $code = '<?php require '.var_export(base_path('vendor/autoload.php'), true).';
            $pdo = new '.ImmediatePdo::class.'('.var_export("sqlite:{$file}", true).');
            $pdo->exec("PRAGMA busy_timeout = 10000");
            for ($i = 0; $i < 40; $i++) { $pdo->beginTransaction(); $n = (int) $pdo->query("SELECT value FROM counter")->fetchColumn(); usleep(500); $pdo->exec("UPDATE counter SET value = ".($n + 1)); $pdo->commit(); }';
        $processes = [new PhpProcess($code), new PhpProcess($code), new PhpProcess($code)];
        array_map(static fn (PhpProcess $process) => $process->start(), $processes);
        foreach ($processes as $process) {
            $this->assertSame(0, $process->wait(), $process->getErrorOutput().$process->getOutput());
        }
        $this->assertSame(120, (int) (new PDO("sqlite:{$file}"))->query('SELECT value FROM counter')->fetchColumn());
        array_map(unlink(...), glob($file.'*'));
    }

    public function test_a_session_that_is_only_used_is_written_every_few_minutes_and_one_that_changes_at_once(): void
    {
        $row = static fn (string $id): ?object => DB::table('sessions')->where('id', $id)->first();
        $open = static function (string $id): SessionRows {
            $rows = new SessionRows(DB::connection(), 'sessions', 60, app());
            $rows->read($id);

            return $rows;
        };
        $session = static fn (string $student, string $before = ''): string => serialize([
            'student' => $student,
            '_previous' => ['url' => $before],
        ]);
        $this->freezeTime();
        $begun = now()->getTimestamp();
        $open('one')->write('one', $session('ada'));
        $this->assertSame($begun, (int) $row('one')?->last_activity);

        $this->travel(60)->seconds();
        $open('one')->write('one', $session('ada', '/somewhere'));
        $this->assertSame($begun, (int) $row('one')?->last_activity);
        $other = $open('one');
        $other->setExists(false);
        $other->write('two', $session('ada'));
        $this->assertNotNull($row('two'));
        $open('one')->write('one', $session('bram'));
        $this->assertSame($begun + 60, (int) $row('one')?->last_activity);
        $this->assertSame($session('bram'), $open('one')->read('one'));

        $this->travel(301)->seconds();
        $open('one')->write('one', $session('bram'));
        $this->assertSame($begun + 361, (int) $row('one')?->last_activity);
    }
}
