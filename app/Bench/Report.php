<?php

declare(strict_types=1);

namespace App\Bench;

use Symfony\Component\Console\Output\OutputInterface;

/** What was measured, line by line, and whether every bound was kept. */
final class Report
{
    private bool $isKept = true;

    public function __construct(private readonly OutputInterface $output)
    {
    }

    /** @param  string  $wanted the bound in words; empty where something is only reported */
    public function line(string $what, string $measured, string $wanted = '', bool $isKept = true): void
    {
        $this->isKept = $this->isKept && $isKept;
        $this->output->writeln(rtrim(sprintf('%-78s %-38s %s', $what, $measured, $isKept ? $wanted : "MISSED: {$wanted}")));
    }

    public function atMost(string $what, float $measured, float $most, string $format): void
    {
        $this->line($what, sprintf($format, $measured), 'at most '.sprintf($format, $most), $measured <= $most);
    }

    public function atLeast(string $what, float $measured, float $least, string $format): void
    {
        $this->line($what, sprintf($format, $measured), 'at least '.sprintf($format, $least), $measured >= $least);
    }

    public function isKept(): bool
    {
        return $this->isKept;
    }
}
