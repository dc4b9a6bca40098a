<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Desks\Editing\EditBook;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;

/** Has the house style hold for a batch: what it and its shorts look and sound like of their own goes. */
final readonly class HouseApplier
{
    /** What a short is, and not how the channel looks and sounds: it stays. */
    private const KEPT = [
        'voice', 'speed', 'split', 'profile', 'more_targets', 'shape', 'tempo', 'dead_air', 'pause', 'tail', 'need',
    ];

    public function __construct(
        private EditBook $edits,
        private Registrar $registrar,
    ) {
    }

    /**
     * What it would change, for each batch of a channel in which anything has its own look.
     *
     * @return list<array{batch: Batch, shorts: int, exports: int, of: int}> how many shorts would change, and how many
     *                                                                       of these would need a new export
     */
    public function reach(Channel $channel): array
    {
        $found = [];
        // Plans of many shorts are large, and not asked for.
        $batches = Batch::query()->where('channel_id', $channel->id)->with([
            'shorts' => static fn ($shorts) => $shorts->select(['batch_id', 'settings', ...Short::FRESHNESS]),
            'shorts.latestDone',
        ])->latest('id')->get();
        foreach ($batches as $batch) {
            $changed = $this->changed($channel, $batch);
            if ($changed !== []) {
                $found[] = [
                    'batch' => $batch,
                    'shorts' => count($changed),
                    'exports' => count(array_filter($changed, static fn (Short $one): bool => $one->isExportFresh())),
                    'of' => $batch->shorts->count(),
                ];
            }
        }

        return $found;
    }

    /** @return int how many shorts changed */
    public function apply(Batch $batch): int
    {
        $channel = $batch->channel;
        $shorts = array_map(
            static fn (Short $short): Short => $short->setRelation('batch', $batch),
            array_values(array_filter(
                $batch->shorts->all(),
                fn (Short $short): bool => $this->without($channel, $short->settings)->own !== $short->settings->own,
            )),
        );

        return $this->edits->settings(
            'the house style for the whole batch',
            [[$batch, $this->without($channel, $batch->settings)]],
            $shorts,
            function (Short $short) use ($channel): void {
                $short->settings = $this->without($channel, $short->settings);
            },
        );
    }

    /** @return list<Short> */
    private function changed(Channel $channel, Batch $batch): array
    {
        $isOwn = fn (Values $values): bool => $this->without($channel, $values)->own !== $values->own;

        return array_values(array_filter(
            $batch->shorts->all(),
            static fn (Short $short): bool => $isOwn($batch->settings) || $isOwn($short->settings),
        ));
    }

    private function without(Channel $channel, Values $values): Values
    {
        $house = $this->registrar->of($channel)->at(Level::Channel);

        return new Values(array_filter(
            $values->own,
            static fn (string $key): bool => ! isset($house[$key]) || in_array($key, self::KEPT, true),
            ARRAY_FILTER_USE_KEY,
        ));
    }
}
