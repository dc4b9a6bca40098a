<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use Illuminate\Contracts\Queue\Job;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Queue\DatabaseQueue;
use Illuminate\Queue\Jobs\DatabaseJobRecord;

/**
 * The queue in the database, with orders that know whether they are still their worker's. Clocks are not believed: what
 * would be due in a time that no order is put off to is due now, and a worker that is dead has nothing reserved.
 */
final class FencedQueue extends DatabaseQueue
{
    /** No order is put off, and none reserved, for longer: seconds. */
    private const FARTHEST = 120;

    private readonly WorkerMark $mark;

    /** @var list<string> workers of this machine that have orders in hand and are at work */
    private array $running = [];

    public function __construct(
        Connection $database,
        string $table,
        string $default,
        int $retryAfter,
        bool $dispatchAfterCommit,
        WorkerMark $mark,
    ) {
        parent::__construct($database, $table, $default, $retryAfter, $dispatchAfterCommit);
        $this->mark = $mark;
    }

    /** @param  string|null  $queue */
    public function pop($queue = null): ?Job
    {
        $this->freeOfDead();
        // Most looks find nothing: they need no turn among those who write.
        if (! $this->due($queue)->exists()) {
            return null;
        }

        return parent::pop($queue);
    }

    /** @param  string|null  $queue */
    private function due($queue): Builder
    {
        return $this->database->table($this->table)
            ->where('queue', $this->getQueue($queue))
            ->where(function (Builder $query): void {
                $this->isAvailable($query);
                $this->isReservedButExpired($query);
            });
    }

    /** @param  Builder  $query */
    protected function isAvailable($query): void
    {
        $now = $this->currentTime();
        $query->where(static fn (Builder $free) => $free->whereNull('reserved_at')->where(
            static fn (Builder $due) => $due->where('available_at', '<=', $now)
                ->orWhere('available_at', '>', $now + self::FARTHEST),
        ));
    }

    /** @param  Builder  $query */
    protected function isReservedButExpired($query): void
    {
        $now = $this->currentTime();
        $query->orWhere(fn (Builder $silent) => $silent
            ->where(fn (Builder $either) => $either->where('reserved_at', '<=', $now - (int) $this->retryAfter)
                ->orWhere('reserved_at', '>', $now + self::FARTHEST))
            // Who is seen at work is only too busy to say so.
            ->where(fn (Builder $away) => $away->whereNull('worker')->orWhereNotIn('worker', $this->running)));
    }

    /**
     * @param  string  $queue
     * @param  DatabaseJobRecord  $job
     */
    protected function marshalJob($queue, $job): FencedJob
    {
        return new FencedJob($this->container, $this, $this->markJobAsReserved($job), $this->connectionName, $queue);
    }

    /** @param  DatabaseJobRecord  $job */
    protected function markJobAsReserved($job): DatabaseJobRecord
    {
        $marked = parent::markJobAsReserved($job);
        $this->database->table($this->table)->where('id', $job->__get('id'))
            ->update(['worker' => $this->mark->name()]);

        return $marked;
    }

    private function freeOfDead(): void
    {
        $held = $this->database->table($this->table)->whereNotNull('reserved_at')->whereNotNull('worker')
            ->distinct()->pluck('worker')->all();
        $this->running = [];
        foreach ($held as $worker) {
            // Who asks for an order has none in hand: one of its own was not put away, as where nobody could write.
            $isMine = $worker === $this->mark->name();
            if (! $isMine && $this->mark->isRunning((string) $worker)) {
                $this->running[] = (string) $worker;
            } elseif ($isMine || $this->mark->isDead((string) $worker)) {
                $this->database->table($this->table)->where('worker', $worker)
                    ->update(['reserved_at' => null, 'worker' => null]);
            }
        }
    }
}
