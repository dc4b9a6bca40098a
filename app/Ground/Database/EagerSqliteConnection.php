<?php

declare(strict_types=1);

namespace App\Ground\Database;

use Closure;
use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Transactions that take the write lock at once, each in its turn. One that reads first and writes later is refused
 * without waiting when another has written in between, whatever the busy timeout (SQLite, "Isolation in SQLite");
 * before PHP 8.4 the framework cannot begin them otherwise.
 */
final class EagerSqliteConnection extends SQLiteConnection
{
    private ?WriteTurn $turn = null;

    /**
     * @param  int<1, max>  $attempts
     * @return mixed
     */
    public function transaction(Closure $callback, $attempts = 1)
    {
        try {
            return parent::transaction($callback, $attempts);
        } finally {
            $this->leave();
        }
    }

    public function commit(): void
    {
        try {
            parent::commit();
        } finally {
            $this->leave();
        }
    }

    /** @param  int|null  $toLevel */
    public function rollBack($toLevel = null): void
    {
        try {
            parent::rollBack($toLevel);
        } finally {
            $this->leave();
        }
    }

    protected function executeBeginTransactionStatement(): void
    {
        $this->turn()?->take();
        try {
            parent::executeBeginTransactionStatement();
            $this->getPdo()->exec('DELETE FROM migrations WHERE 0');
        } catch (PDOException $problem) {
            // A new database has no table yet, and nobody else in it.
            if (! str_contains($problem->getMessage(), 'no such table')) {
                $this->getPdo()->inTransaction() && $this->getPdo()->rollBack();
                $this->turn?->give();
                throw $problem;
            }
        }
    }

    private function leave(): void
    {
        if ($this->transactionLevel() === 0) {
            $this->turn?->give();
        }
    }

    private function turn(): ?WriteTurn
    {
        $database = $this->getDatabaseName();
        if ($database === ':memory:' || $database === '') {
            return null;
        }

        return $this->turn ??= new WriteTurn("$database.turn", (float) ($this->getConfig('turn_seconds') ?? 15));
    }
}
