<?php

declare(strict_types=1);

namespace App\Library;

use App\Media\MediaStore;
use App\Media\Prober;
use App\Media\UnusableMedia;
use App\Models\Footage;
use App\Models\FootageState;
use Illuminate\Support\Facades\File;

/** Looks through clips for which an upload would have to wait too long. */
final readonly class FootageCheck
{
    public function __construct(
        private Prober $prober,
        private MediaStore $store,
    ) {
    }

    public function check(Footage $footage): void
    {
        if ($footage->state !== FootageState::Checking) {
            return;
        }
        $told = 0.0;
        $tell = static function (int $percent) use ($footage, &$told): void {
            if (microtime(true) - $told > 0.5) {
                $told = microtime(true);
                $footage->update(['percent' => $percent]);
            }
        };
        try {
            $found = $this->prober->probe($this->store->path($footage->path), $footage->name, $tell);
        } catch (UnusableMedia $problem) {
            $this->refuse($footage->id, $problem->getMessage());

            return;
        }
        $footage->update([
            'state' => FootageState::Ready,
            'percent' => 100,
            'duration_ms' => $found->durationMs,
        ]);
    }

    /** Its row stays to say why, until the operator has seen it. */
    public function refuse(int $id, string $why): void
    {
        $footage = Footage::query()->whereKey($id)->where('state', FootageState::Checking)->first();
        if ($footage !== null) {
            $footage->update(['state' => FootageState::Refused, 'refused' => mb_strimwidth($why, 0, 250, '…')]);
            File::delete($this->store->path($footage->path));
        }
    }

    /** What was refused goes; footage that is used stays. */
    public function dismiss(Footage $footage): void
    {
        if ($footage->state === FootageState::Refused) {
            $footage->delete();
            File::delete($this->store->path($footage->thumbnail));
        }
    }
}
