<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Desks\Editing\Settler;
use App\Desks\Translating\VersionFollow;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Planning\ShortShelves;
use App\Makers\Proofs\ProofDesk;
use App\Media\Process\Unwatched;
use App\Shelves\Models\Short;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RapidReel\Base\Refusal;
use Throwable;

/** Voices a short and finds its pictures, so that its real times are known. */
final class PlanShort implements Ordered, ShouldQueue
{
    use Queueable;

    /** Each start counts, also one after a worker was killed. */
    public int $tries = Ordered::PATIENCE;

    /** Half an hour: a short of hundreds of scenes by a slow voice. */
    public int $timeout = 1_800;

    /** @param  bool  $isLooked  whether somebody has the short before them */
    public function __construct(public readonly int $shortId, bool $isLooked = false)
    {
        $this->onQueue(($isLooked ? Lane::Looks : Lane::Plans)->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class, AtOnce::class];
    }

    public function handle(
        ShortPlanner $planner,
        ShortShelves $shelves,
        ProofDesk $proofs,
        Settler $settler,
        VersionFollow $follow,
    ): void {
        $short = Short::query()->with('batch.channel')->find($this->shortId);
        if ($short === null) {
            return;
        }
        try {
            $settler->look($short);
            // An export may have planned it meanwhile.
            if (! $short->isPlanned()) {
                $planner->plan($short, $shelves->of($short), new Unwatched);
                if (config('reel.proofs')) {
                    $proofs->order($short);
                }
            }
            $follow->planned($short->refresh());
        } catch (Refusal $problem) {
            $this->tell($problem->getMessage());
        }
    }

    public function about(): string
    {
        return "short:{$this->shortId}";
    }

    public function failed(?Throwable $problem): void
    {
        $this->tell(
            'It could not be planned: the worker stopped several times over it. Change something in it to have it '
                .'tried again.',
        );
    }

    /** Only while it is still to be planned: what was settled in the meantime is no problem any more. */
    private function tell(string $problem): void
    {
        Short::query()
            ->whereKey($this->shortId)
            ->where(static fn ($short) => $short->whereColumn('inputs', '!=', 'planned_inputs')->orWhere('inputs', ''))
            ->update(['problem' => mb_strimwidth($problem, 0, 250, '…')]);
    }
}
