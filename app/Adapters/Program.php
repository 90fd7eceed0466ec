<?php

namespace App\Adapters;

use Symfony\Component\Process\Process;

/** Runs an outside program with a list of arguments, never through a shell. */
final class Program
{
    /**
     * @param  list<string>  $arguments
     * @param  resource|string|null  $input
     * @return string what it wrote to standard output
     *
     * @throws ProgramFailed
     */
    public static function run(string $name, array $arguments, mixed $input = null, float $seconds = 600): string
    {
        return self::finished($name, $arguments, $input, $seconds)->getOutput();
    }

    /**
     * @param  list<string>  $arguments
     * @param  resource|string|null  $input
     * @return string what it wrote to standard error
     *
     * @throws ProgramFailed
     */
    public static function report(string $name, array $arguments, mixed $input = null, float $seconds = 600): string
    {
        return self::finished($name, $arguments, $input, $seconds)->getErrorOutput();
    }

    /** @param  list<string>  $arguments */
    public static function process(string $name, array $arguments, float $seconds = 3600): Process
    {
        $process = new Process([(string) config("daybright.programs.{$name}"), ...$arguments], base_path(), self::environment());
        $process->setTimeout($seconds);

        return $process;
    }

    /**
     * @param  list<string>  $arguments
     * @param  resource|string|null  $input
     */
    private static function finished(string $name, array $arguments, mixed $input, float $seconds): Process
    {
        $process = self::process($name, $arguments, $seconds);
        $process->setInput($input);
        $process->run();
        if (! $process->isSuccessful()) {
            throw ProgramFailed::after($process);
        }

        return $process;
    }

    /** librsvg finds the shipped fonts, and only those, through a fontconfig file of our own. */
    private static function environment(): array
    {
        return ['FONTCONFIG_FILE' => base_path('fonts/fonts.conf'), 'XDG_CACHE_HOME' => storage_path('framework/cache')];
    }
}
