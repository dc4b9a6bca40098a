<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\SettingsDesk;
use App\Ground\Work\DiskRoom;
use App\Ground\Work\Orders;
use App\Media\Store\MediaStore;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\FaceDesk;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\LogoDesk;
use App\Shelves\Library\TableDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Face;
use App\Shelves\Models\HouseImport;
use App\Shelves\Models\HouseImportState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;

/** Takes house styles in as files: kept at once, and made that of a channel by a worker, in one step or not at all. */
final readonly class HouseImportDesk
{
    private const SHOWN_PROBLEMS = 40;

    public function __construct(
        private MediaStore $store,
        private DiskRoom $room,
        private Orders $orders,
        private LogoDesk $logos,
        private FaceDesk $faces,
        private TableDesk $tables,
        private FootageImporter $importer,
        private Registrar $registrar,
        private EditBook $edits,
        private SettingsDesk $settings,
        private HouseDesk $house,
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
            throw new Refusal('This is no house style: a ZIP as “Export” makes it is wanted.');
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

    /**
     * Makes the house style of a file that of its channel: its settings as one step that can be undone.
     *
     * @throws Refusal when it is no such file
     */
    public function take(HouseImport $import): void
    {
        if ($import->state !== HouseImportState::Waiting) {
            return;
        }
        $file = HouseFile::read($this->store->path($import->path), $import->name);
        $channel = $import->channel;
        [$renamed, $problems] = $this->files($channel, $file);
        DB::transaction(function () use ($import, $channel, $file, $renamed, $problems): void {
            // Another worker may have had it meanwhile.
            if ($import->refresh()->state !== HouseImportState::Waiting) {
                return;
            }
            $problems = [...$problems, ...$this->settle($channel->refresh(), $file->settings, $renamed)];
            $channel->refresh();
            $kept = ['name' => $channel->name];
            foreach (HouseDesk::WORDS as $key => $most) {
                $kept[$key] = isset($file->words[$key]) ? mb_substr($file->words[$key], 0, $most) : $channel->{$key};
            }
            $this->house->describe($channel, $kept);
            $this->end($import, HouseImportState::Done, $problems);
        });
    }

    public function fail(int $id, string $why): void
    {
        $import = HouseImport::query()->whereKey($id)->where('state', HouseImportState::Waiting)->first();
        $import === null || $this->end($import, HouseImportState::Failed, [mb_strimwidth($why, 0, 600, '…')]);
    }

    /** The last that was brought to a channel, unless its operator knows how it ended. */
    public function untold(Channel $channel): ?HouseImport
    {
        return HouseImport::query()->where('channel_id', $channel->id)->where('seen', false)->latest('id')->first();
    }

    /** @param  list<string>  $problems */
    private function end(HouseImport $import, HouseImportState $state, array $problems): void
    {
        $import->update(['state' => $state, 'problems' => array_slice($problems, 0, self::SHOWN_PROBLEMS)]);
        // The operator has the file; what it held is kept by content.
        DB::afterCommit(fn () => $this->store->discard($this->store->path($import->path)));
    }

    /** @return array{array<string, string>, list<string>} new ids by those in the file, and what was wrong */
    private function files(Channel $channel, HouseFile $file): array
    {
        $renamed = $problems = [];
        $folder = $this->store->workFolder();
        try {
            foreach ($file->files as $number => $one) {
                $place = "$folder/$number";
                try {
                    $this->store->write($place, $file->contents($one));
                    $renamed[$one['id']] = match ($one['kind']) {
                        'logo' => $this->logos->bring($channel, $place, $one['name'])->picture,
                        'table' => $this->tables->bring($channel, $place, $one['name'])->hash,
                        'face' => $this->face($channel, $place),
                        default => $this->footage($channel, $place, $one['name'], $one['kind']),
                    };
                } catch (Refusal $problem) {
                    $problems[] = $problem->getMessage();
                }
                $this->store->discard($place);
            }
        } finally {
            $this->store->discard($folder);
        }

        return [$renamed, $problems];
    }

    /** @return string its number here */
    private function footage(Channel $channel, string $file, string $name, string $tag): string
    {
        $footage = $this->importer->footage($channel, $file, $name, [$tag]);
        // The same may have been here before, for something else.
        $tags = array_unique([...$footage->tagList(), $tag]);
        $footage->update(['tags' => implode(', ', $tags)]);

        return (string) $footage->id;
    }

    private function face(Channel $channel, string $file): string
    {
        $called = $this->faces->bring($channel, $file);

        return (string) Face::at($channel)->where('name', $called)->orderByDesc('id')->value('face');
    }

    /**
     * @param  array<string, bool|float|int|string>  $written
     * @param  array<string, string>  $renamed
     * @return list<string>
     */
    private function settle(Channel $channel, array $written, array $renamed): array
    {
        $this->registrar->forget();
        $registry = $this->registrar->of($channel);
        $values = new Values;
        $problems = [];
        foreach (array_diff_key($written, array_flip(HouseFile::OF_THIS_PLACE)) as $key => $value) {
            try {
                $read = $registry->read([$key => $renamed[(string) $value] ?? (string) $value], Level::Channel);
                $values = $values->with($key, $read->own[$key]);
            } catch (Refusal $problem) {
                $problems[] = $problem->getMessage();
            }
        }
        $split = $values->own['split'] ?? null;
        // How words are split changes shorts themselves: that is a step of its own.
        $kept = $channel->settings->own['split'] ?? null;
        $values = $kept === null ? $values->without('split') : $values->with('split', $kept);
        $this->edits->settings('brought a house style', [[$channel, $values]], [], static fn () => null);
        if ($split !== null && $split !== $kept) {
            $this->settings->set($channel->refresh(), Level::Channel, [$channel->id], 'split', (string) $split);
        }

        return $problems;
    }
}
