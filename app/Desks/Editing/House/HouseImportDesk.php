<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Ground\Work\DiskRoom;
use App\Ground\Work\Orders;
use App\Media\Store\MediaStore;
use App\Shelves\Models\Channel;
use App\Shelves\Models\HouseImport;
use App\Shelves\Models\HouseImportState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;

/** Takes house styles in as files: kept at once, and taken over by a worker. */
final readonly class HouseImportDesk
{
    public function __construct(
        private MediaStore $store,
        private DiskRoom $room,
        private Orders $orders,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls the file
     *
     * @throws Refusal when it can be none
     */
    public function bring(Channel $channel, string $file, string $name): HouseImport
    {
        $name = mb_strimwidth(mb_scrub($name), 0, 120, '…');
        if ((int) @filesize($file) > HouseFile::MOST_BYTES) {
            throw new Refusal(sprintf('“%s” is larger than %d MB.', $name, HouseFile::MOST_BYTES / 1024 / 1024));
        }
        if (@file_get_contents($file, length: 2) !== 'PK') {
            throw new Refusal('This is not a house style: a ZIP as “Export” makes it is wanted.');
        }
        $this->room->ask((int) filesize($file));
        $place = 'house/'.Str::uuid()->toString().'.zip';
        $this->store->keep($file, $this->store->path($place));

        return DB::transaction(function () use ($channel, $name, $place): HouseImport {
            $open = HouseImport::query()->where('channel_id', $channel->id)
                ->where('state', HouseImportState::Waiting)->exists();
            if ($open) {
                $this->store->discard($this->store->path($place));
                throw new Refusal('Another house style is being taken over at this moment. Wait until it is done.');
            }
            $import = HouseImport::query()->forceCreate([
                'channel_id' => $channel->id, 'name' => $name, 'path' => $place, 'state' => HouseImportState::Waiting,
            ]);
            $this->orders->takeHouseFile($import->id);

            return $import;
        });
    }

    /** The last that was brought to a channel, unless its operator knows how it ended. */
    public function untold(Channel $channel): ?HouseImport
    {
        return HouseImport::query()->where('channel_id', $channel->id)->where('seen', false)->latest('id')->first();
    }
}
