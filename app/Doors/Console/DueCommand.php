<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Results\ResultsDesk;
use App\Doors\Jobs\DueSweep;
use Illuminate\Console\Command;

/** What Laravel's scheduler runs: orders what is due to leave, and asks now and then what it brought. */
final class DueCommand extends Command
{
    protected $signature = 'reel:due';

    protected $description = 'Orders the posts that are due, and asks outlets for results (run by the scheduler)';

    protected $hidden = true;

    public function handle(DueSweep $due, ResultsDesk $results): int
    {
        $due->order();
        $results->askDue();

        return self::SUCCESS;
    }
}
