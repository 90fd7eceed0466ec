<?php

declare(strict_types=1);

namespace App\Adapters;

use RuntimeException;
use Symfony\Component\Process\Process;
use Throwable;

/** An outside program that did not do its work, with its command, its exit code and the end of what it said. */
final class ProgramFailed extends RuntimeException
{
    /** What a shell or the system answers for a program that is not there or may not be run. */
    private const NOT_FOUND = [126, 127];

    private const MOST_SAID = 2000;

    /** @param  bool  $isAway whether the program itself is missing or hangs: the same work may go well later */
    private function __construct(string $message, public readonly string $program, public readonly bool $isAway, ?Throwable $before = null)
    {
        parent::__construct($message, 0, $before);
    }

    public static function after(string $program, Process $process): self
    {
        $code = $process->getExitCode() ?? -1;
        $said = substr(trim($process->getErrorOutput()."\n".$process->getOutput()), -self::MOST_SAID);

        return new self(
            sprintf("%s ended with %d:\n%s", $process->getCommandLine(), $code, $said),
            $program,
            in_array($code, self::NOT_FOUND, true) || $process->hasBeenSignaled(),
        );
    }

    public static function tooSlow(string $program, Process $process): self
    {
        return new self(
            sprintf('%s was stopped after %d seconds.', $process->getCommandLine(), (int) $process->getTimeout()),
            $program,
            true,
        );
    }

    public static function missing(string $program, Process $process, Throwable $error): self
    {
        return new self(sprintf('%s could not be started.', $process->getCommandLine()), $program, true, $error);
    }
}
