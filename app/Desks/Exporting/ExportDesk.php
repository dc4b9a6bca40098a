<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Ground\Work\Orders;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Settings\SettingsReader;

/** Takes orders for exports and calls them off. */
final readonly class ExportDesk
{
    public function __construct(
        private Orders $orders,
        private Resolver $resolver,
    ) {
    }

    /**
     * Orders many: all of them, or none where whoever asks ends in the middle of it.
     *
     * @param  iterable<Short>  $shorts
     */
    public function orderAll(iterable $shorts, Quality $quality): void
    {
        DB::transaction(function () use ($shorts, $quality): void {
            foreach ($shorts as $short) {
                $this->order($short, $quality);
            }
        });
    }

    /**
     * For all that the short is made for; one that is queued or running serves for a second order too.
     *
     * @return Export the one for the target that it is planned for
     */
    public function order(Short $short, Quality $quality): Export
    {
        return DB::transaction(function () use ($short, $quality): Export {
            $main = $this->one($short, $quality, '');
            foreach (SettingsReader::targets($this->resolver->short($short))->more as $target) {
                $this->one($short, $quality, $target->id);
            }

            return $main;
        });
    }

    /** What ended without a file is ordered once more. */
    public function again(Export $export): Export
    {
        return DB::transaction(fn (): Export => $this->one($export->short, $export->quality, $export->target));
    }

    private function one(Short $short, Quality $quality, string $target): Export
    {
        /** @var Export|null $open */
        $open = $short
            ->exports()
            ->where('quality', $quality)
            ->where('target', $target)
            ->whereIn('state', [ExportState::Queued, ExportState::Running])
            ->first();
        if ($open !== null) {
            return $open;
        }
        $export = $short->exports()->create([
            'quality' => $quality, 'state' => ExportState::Queued, 'target' => $target,
        ]);
        // The queue is in the same database: there is no row without its job, nor a job without its row.
        $this->orders->makeExport($export->id);

        return $export;
    }

    /** @param  iterable<Short>  $shorts */
    public function cancelAll(iterable $shorts): void
    {
        DB::transaction(function () use ($shorts): void {
            foreach ($shorts as $short) {
                foreach ($short->exports as $export) {
                    $this->cancel($export);
                }
            }
        });
    }

    public function cancel(Export $export): void
    {
        // A queued one has no worker to listen; a running one stops at its next look.
        Export::query()->whereKey($export->id)->where('state', ExportState::Queued)
            ->update(['state' => ExportState::Cancelled, 'finished_at' => now()]);
        Export::query()->whereKey($export->id)->where('state', ExportState::Running)
            ->update(['state' => ExportState::Cancelling, 'doing' => 'stopping']);
    }
}
