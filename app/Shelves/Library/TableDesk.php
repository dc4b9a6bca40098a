<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Artwork\CubeShelf;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use RapidReel\Base\Colour\CubeTable;
use RapidReel\Base\Refusal;

/** Colour tables that operators bring. */
final readonly class TableDesk
{
    private const MOST = 60;

    public function __construct(
        private CubeShelf $shelf,
        private Registrar $registrar,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     *
     * @throws Refusal when it is no colour table
     */
    public function bring(Channel $channel, string $file, string $name): ColourTable
    {
        if (ColourTable::at($channel)->count() >= self::MOST) {
            throw new Refusal(sprintf('A channel takes at most %d colour tables. Delete one first.', self::MOST));
        }
        $table = CubeTable::read((string) file_get_contents($file));
        $hash = $this->shelf->keep($table);
        $known = ColourTable::at($channel)->where('hash', $hash)->first() ?? $channel->its(ColourTable::class)->create([
            'hash' => $hash,
            'name' => $table->title !== '' ? $table->title : FootageImporter::plainName($name),
        ]);
        $this->registrar->forget();

        return $known;
    }

    /** Its file stays: shorts that have it can still be rendered. */
    public function drop(ColourTable $table): void
    {
        $table->delete();
        $this->registrar->forget();
    }
}
