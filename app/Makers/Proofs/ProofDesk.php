<?php

declare(strict_types=1);

namespace App\Makers\Proofs;

use App\Ground\Work\HandedBack;
use App\Ground\Work\Orders;
use App\Makers\Planning\ShortPlanner;
use App\Makers\Planning\ShortShelves;
use App\Media\Probing\StillFinder;
use App\Media\Process\Cancelled;
use App\Media\Process\Failure;
use App\Media\Process\ToolFailed;
use App\Media\Process\Watcher;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\Cache;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Review\Check\PictureChecks;

/** Orders proofs of shorts, and has them made: of the plan as it is by then. */
final readonly class ProofDesk
{
    /** A page that is open asks again before that. */
    private const LOOK_SECONDS = 90;

    /** An order of the same is not made again before that. */
    private const ASKED_SECONDS = 15;

    public function __construct(
        private ProofMaker $maker,
        private ContrastCheck $contrast,
        private StillFinder $stills,
        private ProofFrames $frames,
        private ShortShelves $shelves,
        private Orders $orders,
        private ShortPlanner $planner,
    ) {
    }

    /**
     * @return bool whether there is one of the present plan already
     *
     * @throws StrangePlace
     */
    public function order(Short $short): bool
    {
        if ($this->isFresh($short) && $this->isWhole($short)) {
            return true;
        }
        // A plan and a page that waits for it both ask.
        $isLooked = self::isLooked($short->id);
        $asked = "proof-{$short->id}-{$short->planned_inputs}-".($isLooked ? 'looked' : 'later');
        // A clock may be set back meanwhile.
        $isAsked = abs(time() - (int) Cache::get($asked, 0)) < self::ASKED_SECONDS;
        $isAsked || Cache::put($asked, time(), self::ASKED_SECONDS);
        if ($short->isPlanned() && (! $isAsked || $short->proof_problem !== null)) {
            Short::query()->whereKey($short->id)->update(['proof_problem' => null]);
            $this->orders->makeProof($short->id, $isLooked);
        }
        // Its plan may wait behind those of a whole batch: of two orders the later finds nothing to do.
        if ($isLooked && ! $isAsked && ! $short->isPlanned() && $short->problem === null) {
            $this->orders->planShort($short->id);
        }

        return false;
    }

    /** Somebody has the short before them: for a while its proofs are made before others. */
    public function look(Short $short): void
    {
        Cache::put(self::named($short->id), true, self::LOOK_SECONDS);
    }

    /** Whether somebody has it before them. */
    public static function isLooked(int $short): bool
    {
        return Cache::has(self::named($short));
    }

    /**
     * @param  list<int>  $shorts
     * @return list<int> those that somebody has before them
     */
    public static function looked(array $shorts): array
    {
        $seen = Cache::many(array_map(self::named(...), $shorts));

        return array_values(array_filter(
            $shorts, static fn (int $short): bool => ($seen[self::named($short)] ?? null) !== null,
        ));
    }

    private static function named(int $short): string
    {
        return "looked-at-$short";
    }

    /**
     * Whether there is one of the present plan, and it is known how clear its captions are.
     *
     * @throws StrangePlace
     */
    public function isFresh(Short $short): bool
    {
        return $this->shown($short)?->isMeasured === true;
    }

    /**
     * Whether there is one of the present plan.
     *
     * @throws StrangePlace
     */
    public function isShown(Short $short): bool
    {
        return $this->shown($short) !== null;
    }

    /** @throws StrangePlace */
    private function shown(Short $short): ?Proof
    {
        $proof = Proof::of($short);

        return $proof !== null && $proof->isOf($short) && $this->maker->isRight($proof->key)
            && $this->frames->areRight($proof) ? $proof : null;
    }

    /**
     * Whether all is there that pages have beside it; else it is forgotten, so that it is made again with them.
     *
     * @throws StrangePlace
     */
    private function isWhole(Short $short): bool
    {
        $proof = Proof::of($short);
        $cut = $short->plannedCut();
        if ($proof === null || $cut === null || $this->maker->hasParts($cut)) {
            return true;
        }
        $this->maker->forget($proof->key);

        return false;
    }

    /**
     * @throws Cancelled
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws HandedBack
     * @throws Refusal
     */
    public function make(Short $short, Watcher $watcher): void
    {
        $cut = $short->plannedCut();
        if ($cut === null || ! $short->isPlanned() || $this->isFresh($short)) {
            return;
        }
        $inputs = $short->planned_inputs;
        $shelf = $this->shelves->of($short);
        try {
            $cut = $this->planner->current($short, $shelf, $watcher)->cut;
            $inputs = $short->planned_inputs;
            $key = $this->maker->make($cut, $shelf, $watcher);
            // What is seen is there at once; how clear its captions are takes a while longer.
            $this->keep($short->id, $inputs, ['proof' => (new Proof($inputs, $key, [], false))->toJson()]);
            $file = $this->maker->file($key);
            $proof = new Proof(
                $inputs, $key, $this->contrast->of($cut, $file),
                still: $this->stills->of($file, PictureChecks::UNCHANGED_MS / 1000),
            );
            $this->frames->take($proof, $file);
        } catch (Refusal $problem) {
            $this->tell($short->id, $inputs, $problem->getMessage());

            return;
        } catch (ToolFailed $problem) {
            if ($problem->failure === Failure::NoRoom) {
                throw $problem;
            }
            $this->tell($short->id, $inputs, $problem->getMessage());

            return;
        }
        $this->keep($short->id, $inputs, ['proof' => $proof->toJson(), 'proof_problem' => null]);
    }

    private function tell(int $id, string $inputs, string $problem): void
    {
        $this->keep($id, $inputs, ['proof_problem' => mb_strimwidth($problem, 0, 250, '…')]);
    }

    /**
     * Only while it is still of the present plan.
     *
     * @param  array<string, string|null>  $found
     */
    private function keep(int $id, string $inputs, array $found): void
    {
        Short::query()->whereKey($id)->where('planned_inputs', $inputs)->update($found);
    }
}
