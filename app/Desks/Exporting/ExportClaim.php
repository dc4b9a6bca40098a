<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The right of one worker to make an export: a number that rises with every worker that takes it up. Whatever is
 * written asks whether the number still stands, so that one who was away (stopped, or on a machine that slept) and
 * comes back finds out that another has it, and writes nothing.
 */
final readonly class ExportClaim
{
    /** Begun so many times without getting anywhere, an export is given up: it may be what ends the workers. */
    private const MOST_STARTS = 25;

    private function __construct(
        public Export $export,
        private int $number,
    ) {
    }

    /** @return self|null none when there is nothing to be made (any more) */
    public static function take(Export $export): ?self
    {
        return DB::transaction(static function () use ($export): ?self {
            $now = Export::query()->find($export->id);
            if ($now === null || ! $now->state->isOpen()) {
                return null;
            }
            $number = $now->owner + 1;
            // Taken up again after its worker died, it starts its clock anew: what was rendered is kept.
            $now->update([
                'owner' => $number,
                'starts' => $now->starts + 1,
                'state' => $now->state === ExportState::Queued ? ExportState::Running : $now->state,
                'started_at' => now(),
                'problem' => null,
            ]);

            return new self($export->refresh(), $number);
        });
    }

    public function isHopeless(): bool
    {
        return $this->export->starts > self::MOST_STARTS;
    }

    /** @throws TakenOver when another worker has it by now */
    public function state(): ExportState
    {
        /** @var Export|null $now */
        $now = Export::query()->whereKey($this->export->id)->first(['owner', 'state']);

        // Gone with its short: there is nobody left to make it for.
        return match (true) {
            $now === null, $now->owner !== $this->number => throw new TakenOver,
            default => $now->state,
        };
    }

    /**
     * @param  array<string, mixed>  $values
     *
     * @throws TakenOver
     */
    public function write(array $values): void
    {
        if ($this->mine()->update($values) === 0) {
            throw new TakenOver;
        }
    }

    /**
     * Ends it, with what goes with that: nobody else gets it in between.
     *
     * @param  Closure(): array<string, mixed>  $finish  gives what is written
     *
     * @throws TakenOver
     */
    public function finish(Closure $finish): void
    {
        DB::transaction(function () use ($finish): void {
            $this->state();
            $this->write([
                'doing' => '',
                'seconds_left' => null,
                'finished_at' => now(),
                ...$finish(),
            ]);
        });
    }

    /** Back among the waiting ones, for whoever is free. */
    public function handBack(string $doing = ''): void
    {
        $this->mine()->where('state', ExportState::Running)->update([
            'state' => ExportState::Queued,
            'doing' => $doing,
            'seconds_left' => null,
            'starts' => DB::raw('max(0, starts - 1)'),
        ]);
    }

    public function achieved(): void
    {
        $this->mine()->update(['starts' => 1]);
    }

    /** @return Builder<Export> */
    private function mine(): Builder
    {
        return Export::query()->whereKey($this->export->id)->where('owner', $this->number);
    }
}
