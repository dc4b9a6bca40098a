<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Ground\Work\Orders;
use App\Media\Process\ToolFailed;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Edit;
use App\Shelves\Models\EditPart;
use App\Shelves\Models\Short;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;

/**
 * The one way by which shorts and settings change: it keeps them as they were, makes the change, all of it or none,
 * settles what follows from it, and orders what must be made again.
 */
final readonly class EditBook
{
    /** So many changes of a batch are remembered, and as many of a channel's settings. */
    private const MOST_STEPS = 60;

    public function __construct(
        private Snapshot $snapshots,
        private Settler $settler,
        private Orders $orders,
        private Seen $seen,
        private EditStates $states,
    ) {
    }

    /**
     * Changes shorts of a batch as one step.
     *
     * @param  list<Short>  $shorts  all that it may change
     * @param  callable(Short): void  $change  of each; need not save the short's own row
     * @return list<Short> those that are not as they were
     *
     * @throws Refusal when something about the change is not possible
     * @throws Outdated when the only one was changed since it was looked at
     */
    public function change(Batch $batch, string $what, array $shorts, callable $change): array
    {
        return DB::transaction(function () use ($batch, $what, $shorts, $change): array {
            if (count($shorts) === 1) {
                $this->check($shorts[0]);
            }
            $act = (string) Str::uuid();
            $changed = [];
            foreach ($shorts as $short) {
                if ($this->changed($short->setRelation('batch', $batch), $act, $what, $change)) {
                    $changed[] = $short;
                }
            }
            $this->done($batch, $changed);
            $this->prune('batch_id', $batch->id);

            return $changed;
        });
    }

    /**
     * Makes the first shorts of a batch; there is no state before it to go back to.
     *
     * @param  callable(): list<Short>  $make
     */
    public function begin(Batch $batch, callable $make): void
    {
        DB::transaction(function () use ($batch, $make): void {
            $made = $make();
            foreach ($made as $short) {
                $this->settler->made($this->snapshots->load($short->setRelation('batch', $batch)));
            }
            $this->done($batch, $made);
        });
    }

    /**
     * Makes shorts in a batch as one step.
     *
     * @param  callable(): list<Short>  $make
     * @return list<Short>
     */
    public function add(Batch $batch, string $what, callable $make): array
    {
        return DB::transaction(function () use ($batch, $what, $make): array {
            $act = (string) Str::uuid();
            $made = $make();
            foreach ($made as $short) {
                $this->snapshots->load($short->setRelation('batch', $batch));
                $this->settler->made($short);
                $this->keep($batch->channel_id, $batch, $short, $act, $what, '');
            }
            $this->done($batch, $made);
            $this->prune('batch_id', $batch->id);

            return $made;
        });
    }

    /**
     * Changes the settings of a channel or of batches, and with them shorts, as one step. Every short that inherits
     * what changed is settled and planned anew, and no other.
     *
     * @param  non-empty-list<array{Channel|Batch, Values}>  $owners  what they set from now on; the widest first, the
     *                                                                others in it
     * @param  list<Short>  $shorts  those that it may change themselves
     * @param  callable(Short): void  $change  of each of them
     * @return int how many shorts it reached
     */
    public function settings(string $what, array $owners, array $shorts, callable $change): int
    {
        return DB::transaction(function () use ($what, $owners, $shorts, $change): int {
            $act = (string) Str::uuid();
            foreach ($owners as [$of, $values]) {
                $before = $of->settings->toJson();
                if ($before !== $values->toJson()) {
                    $this->keep(
                        $of instanceof Batch ? $of->channel_id : $of->id,
                        $of instanceof Batch ? $of : null,
                        null,
                        $act,
                        $what,
                        $before,
                    );
                    $of->update(['settings' => $values]);
                }
            }
            $changed = 0;
            foreach ($shorts as $short) {
                if ($this->changed($short, $act, $what, $change)) {
                    $this->orders->planShort($short->id);
                    $changed++;
                }
            }
            $widest = $owners[0][0];
            $this->prune($widest instanceof Batch ? 'batch_id' : 'channel_id', $widest->id);

            return $changed + $this->settler->inheriting($widest);
        });
    }

    /**
     * Keeps what was changed of a channel beside its settings. Called inside the transaction of that change.
     *
     * @param  string  $before  as EditStates reads it
     */
    public function note(Channel $channel, EditPart $part, string $what, string $before): void
    {
        $this->keep($channel->id, null, null, (string) Str::uuid(), $what, $before, $part);
        $history = Edit::query()->where('channel_id', $channel->id)->where('part', $part->value);
        $last = (clone $history)->latest('id')->skip(self::MOST_STEPS)->value('id');
        $last === null || (clone $history)->where('id', '<=', $last)->delete();
    }

    /** What would be undone next; null where there is nothing. */
    public function last(Channel|Batch|Short $of, ?EditPart $part = null): ?string
    {
        return $this->of($of, $part)->whereNull('undone_at')->latest('id')->value('what');
    }

    /** What would be done again next; null where there is nothing. */
    public function next(Channel|Batch|Short $of, ?EditPart $part = null): ?string
    {
        return $this->of($of, $part)->whereNotNull('undone_at')->oldest('id')->value('what');
    }

    /**
     * @return string what was undone
     *
     * @throws Outdated when the short was changed since it was looked at
     */
    public function undo(Channel|Batch|Short $of, ?EditPart $part = null): string
    {
        return DB::transaction(function () use ($of, $part): string {
            $this->check($of);
            $last =
                $this->of($of, $part)->whereNull('undone_at')->latest('id')->first() ??
                throw new Refusal('There is nothing left to undo.');
            /** @var Edit $edit */
            foreach (
                $this->of($of, $part)->whereNull('undone_at')->where('act', $last->act)->latest('id')->get() as $edit
            ) {
                $now = $this->states->now($edit);
                $this->states->put($edit, $edit->before);
                $edit->update(['after' => $now, 'undone_at' => now()]);
            }

            return $last->what;
        });
    }

    /**
     * @return string what was done again
     *
     * @throws Outdated when the short was changed since it was looked at
     */
    public function redo(Channel|Batch|Short $of, ?EditPart $part = null): string
    {
        return DB::transaction(function () use ($of, $part): string {
            $this->check($of);
            $next =
                $this->of($of, $part)->whereNotNull('undone_at')->oldest('id')->first() ??
                throw new Refusal('There is nothing to do again.');
            /** @var Edit $edit */
            foreach (
                $this->of($of, $part)->whereNotNull('undone_at')->where('act', $next->act)->oldest('id')->get() as $edit
            ) {
                $this->states->put($edit, (string) $edit->after);
                $edit->update(['after' => null, 'undone_at' => null]);
            }

            return $next->what;
        });
    }

    /** @throws Outdated */
    private function check(Channel|Batch|Short $of): void
    {
        if ($of instanceof Short) {
            $this->seen->check(Short::withTrashed()->findOrFail($of->id));
        }
    }

    /**
     * Brings a short back to how it was before a change. That is a change like others, and can be undone.
     *
     * @throws Refusal
     */
    public function restore(Edit $edit): Short
    {
        $short = Short::withTrashed()->with('batch.channel')->findOrFail($edit->short_id);
        $this->change(
            $short->batch,
            "restored: before “{$edit->what}”",
            [$short],
            fn (Short $short) => $this->snapshots->restore($short, $edit->before),
        );

        return $short;
    }

    /**
     * Changes one short, and keeps what it was if it is not the same after all.
     *
     * @param  callable(Short): void  $change
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    private function changed(Short $short, string $act, string $what, callable $change): bool
    {
        $before = $this->snapshots->of($this->snapshots->load($short));
        $change($short);
        $short->save();
        if ($this->snapshots->of($this->snapshots->load($short)) === $before) {
            return false;
        }
        $this->settler->changed($short);
        $this->keep($short->batch->channel_id, $short->batch, $short, $act, $what, $before);

        return true;
    }

    /** @return Builder<Edit> the changes that concern one */
    private function of(Channel|Batch|Short $of, ?EditPart $part): Builder
    {
        return match (true) {
            $of instanceof Short => Edit::query()->where('short_id', $of->id),
            $of instanceof Batch => Edit::query()->where('batch_id', $of->id),
            $part?->hasOwnHistory() === true => Edit::query()->where('channel_id', $of->id)
                ->where('part', $part->value),
            // What was changed in shorts together with it goes with it.
            default => Edit::query()->where('channel_id', $of->id)->whereIn('act', static fn ($query) => $query
                ->select('act')->from('edits')->where('channel_id', $of->id)->whereNull('batch_id')
                ->where(EditPart::amongSettings(...))),
        };
    }

    /**
     * @param  list<Short>  $shorts
     *
     * @throws Refusal
     */
    private function done(Batch $batch, array $shorts): void
    {
        foreach ($shorts as $short) {
            if (! $short->trashed() && ! $short->isPlanned()) {
                $this->orders->planShort($short->id);
            }
        }
        if ($shorts !== []) {
            $this->settler->likenesses($batch, $shorts);
        }
    }

    private function keep(
        int $channel,
        ?Batch $batch,
        ?Short $short,
        string $act,
        string $what,
        string $before,
        ?EditPart $part = null,
    ): void {
        // What was undone and not done again is over.
        Edit::query()
            ->where('channel_id', $channel)
            ->where('batch_id', $batch?->id)
            ->where('short_id', $short?->id)
            ->where($part?->hasOwnHistory() === true
                ? static fn ($own) => $own->where('part', $part->value)
                : EditPart::amongSettings(...))
            ->whereNotNull('undone_at')
            ->delete();
        Edit::query()->forceCreate([
            'channel_id' => $channel, 'batch_id' => $batch?->id, 'short_id' => $short?->id, 'user_id' => Auth::id(),
            'revision' => $short->revision ?? 0, 'part' => $part?->value,
            'act' => $act, 'what' => $what, 'before' => $before,
        ]);
    }

    private function prune(string $column, int $id): void
    {
        $kept = DB::table('edits')
            ->where($column, $id)
            ->whereNull('part')
            ->groupBy('act')
            ->orderByRaw('max(id) desc')
            ->limit(self::MOST_STEPS)
            ->pluck('act');
        if ($kept->count() === self::MOST_STEPS) {
            Edit::query()
                ->where($column, $id)
                ->whereNull('part')
                ->when($column === 'channel_id', static fn ($query) => $query->whereNull('batch_id'))
                ->whereNotIn('act', $kept)
                ->delete();
        }
    }
}
