<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Media\Unwatched;
use App\Models\Short;
use App\Proofs\ProofDesk;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes what pages show of a short: at once where somebody looks at it, else after all else. */
final class MakeProof implements Ordered, ShouldQueue
{
    use Queueable;

    /** Of shorts that somebody has before them. */
    public const LOOKED = 'looks';

    public int $tries = 6;

    public int $timeout = 1_800;

    public function __construct(public readonly int $shortId, bool $isLooked = false)
    {
        $this->onQueue($isLooked ? self::LOOKED : 'proofs');
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class];
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
