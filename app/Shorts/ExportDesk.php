<?php

declare(strict_types=1);

namespace App\Shorts;

use App\Jobs\MakeExport;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Short;
use Illuminate\Support\Facades\DB;
use RapidReel\Render\Quality;

/** Takes orders for exports and calls them off. */
final class ExportDesk
{
    /** One that is queued or running serves for a second order too. */
    public function order(Short $short, Quality $quality): Export
    {
        $export = DB::transaction(static function () use ($short, $quality): Export {
            $open = $short->exports()->where('quality', $quality)->whereIn('state', [ExportState::Queued, ExportState::Running])->first();

            return $open ?? $short->exports()->create(['quality' => $quality, 'state' => ExportState::Queued]);
        });
        if ($export->wasRecentlyCreated) {
            MakeExport::dispatch($export->id);
        }

        return $export;
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
