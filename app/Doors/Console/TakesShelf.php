<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Shelves\Levels\Registrar;
use App\Shelves\Library\FolderShelf;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Channel;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\Registry;

/**
 * What commands with an option --footage share.
 *
 * @mixin Command
 */
trait TakesShelf
{
    /** @return array{Shelf, Registry} what is at hand, and what can be chosen of it */
    private function shelved(Registrar $registrar): array
    {
        $channel = $this->channel();
        $shelf = $this->shelf($channel);
        $pieces = array_map(strval(...), array_keys($shelf->music->moods));

        return [$shelf, $channel !== null && self::written($this->option('footage')) === ''
            ? $registrar->of($channel)
            : $registrar->choosing(array_combine($pieces, $pieces), $shelf->byHand(), $channel)];
    }

    private function shelf(?Channel $channel): Shelf
    {
        $folder = self::written($this->option('footage'));
        $owner = $channel ?? ($folder === '' ? Channel::query()->orderBy('id')->first() : null);
        $shelf = $owner === null ? new Shelf : app(LibraryShelf::class)->of($owner);
        if ($folder !== '') {
            $own = app()->make(FolderShelf::class, ['folder' => $folder])->shelf();
            // The house style of a channel goes with any footage.
            $shelf = $channel === null ? $own : $own->dressed($shelf);
        }
        if ($shelf->footage === []) {
            throw new Refusal(
                'The library holds no footage. Run bin/setup for the demo footage, or name a folder: --footage=FOLDER.',
            );
        }

        return $shelf;
    }
}
