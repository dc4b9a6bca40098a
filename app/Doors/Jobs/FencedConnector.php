<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use Illuminate\Database\DatabaseManager;
use Illuminate\Queue\Connectors\ConnectorInterface;

/** Opens the queue in the database. */
final readonly class FencedConnector implements ConnectorInterface
{
    public function __construct(
        private DatabaseManager $connections,
        private WorkerMark $mark,
    ) {
    }

    /** @param  array<string, mixed>  $config */
    public function connect(array $config): FencedQueue
    {
        return new FencedQueue(
            $this->connections->connection($config['connection'] ?? null),
            $config['table'],
            $config['queue'],
            $config['retry_after'],
            $config['after_commit'],
            $this->mark,
        );
    }
}
