<?php

declare(strict_types=1);

namespace App\Database;

use PDO;

/**
 * SQLite whose transactions take the write lock at once, and wait for it.
 *
 * A transaction that first reads and then writes is otherwise refused with “database is locked” when another
 * process wrote meanwhile, without any waiting. Before PHP 8.4 the framework cannot ask for this.
 */
final class ImmediatePdo extends PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;
        $this->exec('ROLLBACK');

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
