<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\SettingsDesk;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use App\Shelves\Models\HouseImport;
use App\Shelves\Models\HouseImportState;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;

/** Makes a house style that was brought as a file that of its channel, in one step or not at all. */
final readonly class HouseTaker
{
    private const SHOWN_PROBLEMS = 40;

    public function __construct(
        private MediaStore $store,
        private HouseParts $parts,
        private Registrar $registrar,
        private EditBook $edits,
        private SettingsDesk $settings,
        private HouseDesk $house,
    ) {
    }

    /**
     * Its settings are one step that can be undone.
     *
     * @throws Refusal when it is no such file
     * @throws ToolFailed
     */
    public function take(HouseImport $import): void
    {
        if ($import->state !== HouseImportState::Waiting) {
            return;
        }
        $file = HouseFile::read($this->store->path($import->path), $import->name);
        $channel = $import->channel;
        [$renamed, $problems] = $this->parts->bring($channel, $file);
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

    /** @param  list<string>  $problems */
    private function end(HouseImport $import, HouseImportState $state, array $problems): void
    {
        $import->update(['state' => $state, 'problems' => array_slice($problems, 0, self::SHOWN_PROBLEMS)]);
        // The operator has the file; what it held is kept by content.
        DB::afterCommit(fn () => $this->store->discard($this->store->path($import->path)));
    }

    /**
     * @param  array<string, bool|float|int|string>  $written
     * @param  array<string, string>  $renamed
     * @return list<string>
     *
     * @throws Refusal
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
        $this->edits->settings('imported a house style', [[$channel, $values]], [], static fn () => null);
        if ($split !== null && $split !== $kept) {
            $this->settings->set($channel->refresh(), Level::Channel, [$channel->id], 'split', (string) $split);
        }

        return $problems;
    }
}
