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

    /** @var list<string> queues in which something was due when the first of a worker's was looked at */
    private array $due = [];

    /** The how many-th was looked into last. */
    private int $looked = 0;

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

    /**
     * Most looks find nothing: they need no turn among those who write, and whoever looks through several queues one
     * after the other has looked into all of them with the first.
     *
     * @param  string|null  $queue
     * @param  int  $index  the how many-th it is that a worker looks into, from 0
     */
    public function pop($queue = null, int $index = 0): ?Job
    {
        // One that is paused is left out, which may be the first.
        if ($index <= $this->looked) {
            $this->freeOfDead();
            $this->due = $this->due();
        }
        $this->looked = $index;

        return in_array($this->getQueue($queue), $this->due, true) ? parent::pop($queue) : null;
    }

    /** @return list<string> queues in which something is due */
    private function due(): array
    {
        return array_map(strval(...), array_values($this->database->table($this->table)
            ->where(function (Builder $query): void {
                $this->isAvailable($query);
                $this->isReservedButExpired($query);
            })
            ->distinct()->pluck('queue')->all()));
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
