<?php

declare(strict_types=1);

namespace App\Adapters;

use Symfony\Component\Process\Process;

/** A program whose waiting lets the queue know that its job is still at work. */
final class WatchedProcess extends Process
{
    /** Called at every turn of the waiting. */
    public function checkTimeout(): void
    {
        Heartbeat::beat();
        parent::checkTimeout();
    }
}
