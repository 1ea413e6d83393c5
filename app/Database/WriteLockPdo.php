<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

/**
 * SQLite whose transactions take the write lock when they begin, so that two windows writing at once queue up instead of failing half-way. From
 * PHP 8.4 the framework asks for that itself (transaction_mode); until then PDO opens them lazily, and does not see one opened by a statement.
 */
final class WriteLockPdo extends PDO
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
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException $none) {
            // A full disk has undone it already; what is told then is that, not this.
            if (! str_contains($none->getMessage(), 'no transaction is active')) {
                throw $none;
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}
