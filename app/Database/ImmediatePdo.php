<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

/**
 * SQLite whose transactions take the write lock at their beginning.
 *
 * A transaction that begins by reading and then writes fails at once when another writer was
 * between, whatever the busy timeout; one that begins with the lock waits its turn.
 */
final class ImmediatePdo extends PDO
{
    private bool $inTransaction = false;

    public function beginTransaction(): bool
    {
        if ($this->inTransaction) {
            throw new PDOException('a transaction is active already');
        }
        $this->exec('BEGIN IMMEDIATE');

        return $this->inTransaction = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->inTransaction = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->inTransaction = false;
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException $exception) {
            // a full disk has rolled it back already; what went wrong first is what is to be said
            if (! str_contains($exception->getMessage(), 'no transaction is active')) {
                throw $exception;
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->inTransaction;
    }
}
