<?php

declare(strict_types=1);

namespace Tests\App;

use App\Database\ImmediatePdo;
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
}
