<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Editing\Settler;
use App\Shelves\Library\FootageSeals;
use App\Shelves\Models\Channel;
use App\Shelves\Search\FootagePostings;
use Illuminate\Console\Command;

/** After an upgrade, or where jobs were lost: whatever is not as its inputs ask for is ordered to be planned. */
final class SettleCommand extends Command
{
    protected $signature = 'reel:settle';

    protected $description = 'Orders the planning of every short whose plan is not fresh';

    public function handle(Settler $settler, FootageSeals $seals, FootagePostings $postings): int
    {
        $seals->fill();
        // A library of thousands takes half a minute: the first plan would wait for it.
        $postings->catchUp();
        $reached = 0;
        foreach (Channel::query()->get() as $channel) {
            $reached += $settler->inheriting($channel);
        }
        $this->info("$reached shorts are planned again.");

        return self::SUCCESS;
    }
}
