<?php

declare(strict_types=1);

namespace App\Ground\Database;

use App\Ground\Work\HandedBack;
use App\Ground\Work\Stopping;
use Closure;
use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * Transactions that take the write lock at once, each in its turn. One that reads first and writes later is refused
 * without waiting when another has written in between, whatever the busy timeout (SQLite, "Isolation in SQLite");
 * before PHP 8.4 the framework cannot begin them otherwise. A worker that is stopped is stopped after what it is at
 * here: the framework would tell of a statement that failed.
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
        return Stopping::after(function () use ($callback, $attempts): mixed {
            try {
                return parent::transaction($callback, $attempts);
            } finally {
                $this->leave();
            }
        });
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

    /**
     * @param  string  $query
     * @param  array<array-key, mixed>  $bindings
     * @return mixed
     *
     * @throws HandedBack
     */
    protected function run($query, $bindings, Closure $callback)
    {
        return Stopping::after(fn (): mixed => parent::run($query, $bindings, $callback));
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
