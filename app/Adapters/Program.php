<?php

declare(strict_types=1);

namespace App\Adapters;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessStartFailedException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Runs an outside program with a list of arguments, never through a shell, and never without an end. */
final class Program
{
    /**
     * @param  list<string>  $arguments
     * @param  resource|string|null  $input
     * @param  int|null  $megabytes of memory that it may take; without an end where nobody else gave it what it reads
     * @return string what it wrote to standard output
     *
     * @throws ProgramFailed
     */
    public static function run(
        string $name,
        array $arguments,
        mixed $input = null,
        float $seconds = 300,
        ?int $megabytes = null,
    ): string {
        return self::finished($name, $arguments, $input, $seconds, $megabytes)->getOutput();
    }

    /**
     * @param  list<string>  $arguments
     * @param  resource|string|null  $input
     * @return string what it wrote to standard error
     *
     * @throws ProgramFailed
     */
    public static function report(string $name, array $arguments, mixed $input = null, float $seconds = 300): string
    {
        return self::finished($name, $arguments, $input, $seconds)->getErrorOutput();
    }

    /** @param  list<string>  $arguments */
    public static function process(string $name, array $arguments, float $seconds = 3600, ?int $megabytes = null): Process
    {
        $bounds = $megabytes === null ? [] : ['prlimit', '--as='.$megabytes * 1024 * 1024, '--'];
        $command = [...$bounds, (string) config("daybright.programs.{$name}"), ...$arguments];
        $process = new WatchedProcess($command, base_path(), self::environment());
        $process->setTimeout(min($seconds, (float) config('daybright.longest_wait')));

        return $process;
    }

    /**
     * A program that runs while something else is done; “finish” waits for it.
     *
     * @param  list<string>  $arguments
     *
     * @throws ProgramFailed when it is missing
     */
    public static function started(string $name, array $arguments): Process
    {
        $process = self::process($name, $arguments);
        try {
            $process->start();
        } catch (ProcessStartFailedException $error) {
            throw ProgramFailed::missing($name, $process, $error);
        }

        return $process;
    }

    /**
     * Starts a program unless it was started before, and waits for it.
     *
     * @throws ProgramFailed when it is missing, takes too long or ends with anything but 0
     */
    public static function finish(string $name, Process $process): void
    {
        try {
            $process->isStarted() || $process->start();
            $process->wait();
        } catch (ProcessSignaledException) {
            throw ProgramFailed::after($name, $process);
        } catch (ProcessTimedOutException) {
            throw ProgramFailed::tooSlow($name, $process);
        } catch (ProcessStartFailedException $error) {
            throw ProgramFailed::missing($name, $process, $error);
        } finally {
            $process->stop(0);
        }
        if (! $process->isSuccessful()) {
            throw ProgramFailed::after($name, $process);
        }
    }

    /**
     * @param  list<string>  $arguments
     * @param  resource|string|null  $input
     */
    private static function finished(
        string $name,
        array $arguments,
        mixed $input,
        float $seconds,
        ?int $megabytes = null,
    ): Process {
        $process = self::process($name, $arguments, $seconds, $megabytes);
        $process->setInput($input);
        self::finish($name, $process);

        return $process;
    }

    /**
     * librsvg finds the shipped fonts, and only those, through a fontconfig file of our own.
     *
     * @return array<string, string>
     */
    private static function environment(): array
    {
        return ['FONTCONFIG_FILE' => base_path('fonts/fonts.conf'), 'XDG_CACHE_HOME' => storage_path('framework/cache')];
    }
}
