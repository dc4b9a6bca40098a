<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Makers\Proofs\ProofDesk;
use App\Media\Process\Unwatched;
use App\Shelves\Models\Short;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes what pages show of a short: at once where somebody looks at it, else after all else. */
final class MakeProof implements Ordered, ShouldQueue
{
    use Queueable;

    public int $tries = Ordered::PATIENCE;

    public int $timeout = 1_800;

    public function __construct(public readonly int $shortId, bool $isLooked = false)
    {
        $this->onQueue(($isLooked ? Lane::Looks : Lane::Proofs)->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [
            HandsBack::class, StaysReserved::class,
            $this->queue === Lane::Proofs->value ? InTheBackground::class : AtOnce::class,
        ];
    }

    public function handle(ProofDesk $desk): void
    {
        $short = Short::query()->with('batch.channel')->find($this->shortId);
        if ($short !== null) {
            $desk->make($short, new Unwatched);
        }
    }

    public function about(): string
    {
        return "proof:{$this->shortId}";
    }

    public function failed(?Throwable $problem): void
    {
        Short::query()->whereKey($this->shortId)->update([
            'proof_problem' => 'The pictures behind the captions could not be made. Load the page to have it tried '
                .'again.',
        ]);
    }
}
