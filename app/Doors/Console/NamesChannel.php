<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Shelves\Models\Channel;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;

/**
 * What commands with an option --channel share.
 *
 * @mixin Command
 */
trait NamesChannel
{
    /** The channel whose house style and library count, if one was named; by its name or number. */
    private function channel(): ?Channel
    {
        $named = $this->option('channel');
        if (! is_string($named) || $named === '') {
            return null;
        }

        return Channel::query()->where('name', $named)->orWhere('id', ctype_digit($named) ? $named : 0)->first()
            ?? throw new Refusal("There is no channel “{$named}”.");
    }
}
