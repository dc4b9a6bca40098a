<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Shelves\Models\Short;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;
use RapidReel\Base\Refusal;

/**
 * What commands about one short share.
 *
 * @mixin Command
 */
trait NamesShort
{
    /**
     * The short that was named by its number.
     *
     * @param  Builder<Short>  $among
     *
     * @throws Refusal when there is none
     */
    private function short(Builder $among): Short
    {
        $written = self::written($this->argument('id'));

        return (ctype_digit($written) ? $among->find((int) $written) : null)
            ?? throw new Refusal("There is no short $written. Its number stands in the address of its page.");
    }
}
