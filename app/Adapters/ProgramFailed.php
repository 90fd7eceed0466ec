<?php

namespace App\Adapters;

use RuntimeException;
use Symfony\Component\Process\Process;

/** An outside program that did not do its work, with its command and the end of what it said. */
final class ProgramFailed extends RuntimeException
{
    public static function after(Process $process): self
    {
        return new self(sprintf("%s ended with %d:\n%s", $process->getCommandLine(), $process->getExitCode() ?? -1, substr($process->getErrorOutput(), -2000)));
    }
}
