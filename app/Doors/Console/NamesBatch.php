<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Shelves\Models\Batch;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;

/**
 * What commands with an option --batch share.
 *
 * @mixin Command
 */
trait NamesBatch
{
    /**
     * The batch that was named, by its name or number; of several of one name the last.
     *
     * @throws Refusal when there is none
     */
    private function batch(): Batch
    {
        $named = self::written($this->option('batch'));

        return Batch::query()->with('channel')->where('name', $named)
            ->orWhere('id', ctype_digit($named) ? $named : 0)->latest('id')->first()
            ?? throw new Refusal("There is no batch “{$named}”.");
    }
}
