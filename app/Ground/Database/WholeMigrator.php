<?php

declare(strict_types=1);

namespace App\Ground\Database;

use Illuminate\Database\Connection;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Database\QueryException;
use RuntimeException;

/**
 * Each migration happens with the row that says so, or not at all, wherever it is stopped: SQLite takes changes of
 * tables back like all others (SQLite, "Transactional DDL").
 */
final class WholeMigrator extends Migrator
{
    /**
     * @param  string  $file
     * @param  int  $batch
     * @param  bool  $pretend
     */
    protected function runUp($file, $batch, $pretend): void
    {
        $connection = $this->resolveConnection($this->getConnection());
        if ($pretend || ! $connection instanceof Connection) {
            parent::runUp($file, $batch, $pretend);

            return;
        }
        // Tables are made anew under their names: what hangs on them must not go with the old ones. It cannot be
        // switched within a transaction.
        $connection->statement('PRAGMA foreign_keys = OFF');
        try {
            $connection->transaction(function () use ($connection, $file, $batch): void {
                parent::runUp($file, $batch, false);
                $hanging = $connection->select('PRAGMA foreign_key_check');
                if ($hanging !== []) {
                    throw new RuntimeException(sprintf(
                        '%s would leave rows that belong to nothing (%d); nothing of it was done.',
                        $this->getMigrationName($file), count($hanging),
                    ));
                }
            });
        } catch (QueryException $problem) {
            throw self::isHalfDone($problem) ? self::halfDone($this->getMigrationName($file), $problem) : $problem;
        } finally {
            $connection->statement('PRAGMA foreign_keys = ON');
        }
    }

    /** Whether what it is to make is there already, as after an upgrade of an earlier version that was stopped. */
    private static function isHalfDone(QueryException $problem): bool
    {
        return preg_match('/already exists|duplicate column name/', $problem->getMessage()) === 1;
    }

    private static function halfDone(string $name, QueryException $problem): RuntimeException
    {
        return new RuntimeException(
            'The database stands half way between two versions: an earlier upgrade was stopped in the middle of '
                ."“{$name}”. Nothing was changed now. Put back the copy that was made before that upgrade (it "
                .'stands beside the database, with “.before-” in its name, or is your own), and start again; with '
                .'nothing worth keeping, '
                .'start over with bin/demo --fresh. See docs/operation.md, “An upgrade that was stopped”.',
            0,
            $problem,
        );
    }
}
