<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Ground\Database\Busy;
use App\Ground\Work\DiskRoom;
use App\Ground\Work\HandedBack;
use App\Ground\Work\Stopping;
use App\Media\Process\Failure;
use App\Media\Process\ToolFailed;
use Closure;
use Illuminate\Contracts\Queue\ShouldQueue;
use RapidReel\Base\Refusal;
use Throwable;

/** An order goes back to the queue as it was when its worker is stopped, and when the disk is full. */
final readonly class HandsBack
{
    /** Seconds until an order that found no room is looked at again. */
    private const WAIT_FOR_ROOM = 5;

    /** Seconds until one that did not come to its turn in the database is looked at again. */
    private const WAIT_FOR_TURN = 1;

    public function __construct(
        private DiskRoom $room,
        private GiveWay $way,
    ) {
    }

    public function handle(ShouldQueue $job, Closure $next): mixed
    {
        $queued = $job->job ?? null;
        try {
            return Stopping::during(static fn (): mixed => $next($job));
        } catch (HandedBack $back) {
            $queued instanceof FencedJob && $queued->handBack($back->isForRoom ? self::WAIT_FOR_ROOM : 0);
            $back->isForOthers && $this->way->over();
        } catch (Throwable $problem) {
            if (Busy::isNamed($problem)) {
                $queued instanceof FencedJob && $queued->handBack(self::WAIT_FOR_TURN);

                return null;
            }
            $isForRoom = $problem instanceof ToolFailed && $problem->failure === Failure::NoRoom;
            if ($problem instanceof Refusal || ! $isForRoom && ! $this->room->isToBlame($problem)) {
                throw $problem;
            }
            $queued instanceof FencedJob && $queued->handBack(self::WAIT_FOR_ROOM);
        }

        return null;
    }
}
