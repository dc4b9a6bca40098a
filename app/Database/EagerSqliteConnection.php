<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Transactions that take the write lock at once. One that reads first and writes later is refused without waiting when
 * another has written in between, whatever the busy timeout (SQLite, "Isolation in SQLite"); before PHP 8.4 the
 * framework cannot begin them otherwise.
 */
final class EagerSqliteConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        try {
            $this->getPdo()->exec('DELETE FROM migrations WHERE 0');
        } catch (PDOException $problem) {
            // A new database has no table yet, and nobody else in it.
            if (! str_contains($problem->getMessage(), 'no such table')) {
                $this->getPdo()->rollBack();

                throw $problem;
            }
        }
    }
}
