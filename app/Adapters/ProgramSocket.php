<?php

declare(strict_types=1);

namespace App\Adapters;

use Symfony\Component\Process\Process;

/** Hands a program much more than a pipe that is watched would bear: over a Unix socket, which takes half the time. */
final class ProgramSocket
{
    /** Seconds until a program that does not take what it is given is given up. */
    private const PATIENCE = 60;

    /** Seconds between two looks whether it is still there. */
    private const ASKED_EVERY = 0.2;

    /** @param  resource  $server */
    private function __construct(private $server, public readonly string $address)
    {
    }

    /** A name for it is short, since the system takes no long one, and nobody else may read there. */
    public static function open(): self
    {
        $path = sys_get_temp_dir().'/daybright-'.bin2hex(random_bytes(8));
        $mask = umask(0077);
        $server = @stream_socket_server("unix://{$path}");
        umask($mask);

        return new self($server ?: throw DiskTrouble::cannotWrite($path), "unix:{$path}");
    }

    /**
     * Starts the program, which reads from the address, gives it all pieces, and waits for it.
     *
     * @param  iterable<mixed, string>  $pieces
     *
     * @throws ProgramFailed when it ends with anything but 0, whatever it has taken
     */
    public function feed(string $name, Process $process, iterable $pieces): void
    {
        try {
            $process->start();
            $reader = $this->reader($process);
            if ($reader !== null) {
                $this->hand($process, $reader, $pieces);
            }
            Program::finish($name, $process);
        } finally {
            $process->stop(0);
            fclose($this->server);
            @unlink(substr($this->address, strlen('unix:')));
        }
    }

    /** @return resource|null null when the program has ended before */
    private function reader(Process $process)
    {
        for ($waited = 0; $waited < 10 * self::PATIENCE && $process->isRunning(); $waited++) {
            $reader = @stream_socket_accept($this->server, 0.1);
            if ($reader !== false) {
                stream_set_timeout($reader, self::PATIENCE);

                return $reader;
            }
        }

        return null;
    }

    /**
     * @param  resource  $reader
     * @param  iterable<mixed, string>  $pieces
     */
    private function hand(Process $process, $reader, iterable $pieces): void
    {
        $asked = 0.0;
        foreach ($pieces as $piece) {
            if (@fwrite($reader, $piece) !== strlen($piece)) {
                break;
            }
            // Asking reads what it says meanwhile, too, so that it never waits to be heard.
            if (microtime(true) - $asked > self::ASKED_EVERY) {
                $asked = microtime(true);
                if (! $process->isRunning()) {
                    break;
                }
            }
        }
        // Programs that were started meanwhile hold it open, too.
        stream_socket_shutdown($reader, STREAM_SHUT_WR);
        fclose($reader);
    }
}
