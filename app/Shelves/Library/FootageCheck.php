<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Ground\Work\Orders;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;

/** Looks through clips for which an upload would have to wait too long. */
final readonly class FootageCheck
{
    public function __construct(
        private Prober $prober,
        private MediaStore $store,
        private Orders $orders,
    ) {
    }

    /**
     * @throws TooSlow
     * @throws StrangePlace
     * @throws ToolFailed
     * @throws Refusal
     */
    public function check(Footage $footage): void
    {
        if ($footage->state !== FootageState::Checking) {
            return;
        }
        $told = 0.0;
        $tell = static function (int $percent) use ($footage, &$told): void {
            if (hrtime(true) / 1e9 - $told > 0.5) {
                $told = hrtime(true) / 1e9;
                self::waiting($footage->id)->update(['percent' => $percent]);
            }
        };
        try {
            $found = $this->prober->probe($this->store->path($footage->path), $footage->name, $tell);
        } catch (UnusableMedia|TooMuch $problem) {
            $this->refuse($footage->id, $problem->getMessage());

            return;
        }
        // Another worker may have been quicker, or its operator.
        self::waiting($footage->id)->update([
            'state' => FootageState::Ready,
            'percent' => 100,
            'duration_ms' => $found->durationMs,
            'remark' => $found->look->assumed() ?: null,
        ]);
    }

    /** @return Builder<Footage> */
    private static function waiting(int $id): Builder
    {
        return Footage::query()->whereKey($id)->where('state', FootageState::Checking);
    }

    /** It could not be looked through this time: its file stays, and it is looked through again when asked for. */
    public function again(Footage $footage): void
    {
        DB::transaction(function () use ($footage): void {
            $isLeft = Footage::query()->whereKey($footage->id)->where('state', FootageState::Refused)->exists()
                && is_file($this->store->path($footage->path));
            if (! $isLeft) {
                throw new Refusal('Its file is not here any more. Upload it again.');
            }
            $footage->update(['state' => FootageState::Checking, 'percent' => 0, 'refused' => null]);
            $this->orders->checkFootage($footage->id);
        });
    }

    /**
     * Its row stays to say why, until the operator has seen it.
     *
     * @param  bool  $isVerdict  whether it is known to be of no use; else its file is kept
     *
     * @throws StrangePlace
     */
    public function refuse(int $id, string $why, bool $isVerdict = true): void
    {
        $footage = self::waiting($id)->first();
        $told = self::waiting($id)->update([
            'state' => FootageState::Refused, 'refused' => mb_strimwidth($why, 0, 250, '…'),
            // Without one there is no file any more.
            ...$isVerdict ? ['seal' => null] : [],
        ]);
        if ($footage !== null && $told === 1 && $isVerdict) {
            $this->store->discard($this->store->path($footage->path));
        }
    }

    /**
     * What was refused goes; footage that is used stays.
     *
     * @throws StrangePlace
     */
    public function dismiss(Footage $footage): void
    {
        if ($footage->state === FootageState::Refused) {
            $footage->delete();
            foreach (['path', 'thumbnail'] as $what) {
                // A mended copy of an earlier version had the file of the untouched one for its own until it was made.
                if (! Footage::withTrashed()->whereKeyNot($footage->id)->where($what, $footage->$what)->exists()) {
                    $this->store->discard($this->store->path($footage->$what));
                }
            }
        }
    }
}
