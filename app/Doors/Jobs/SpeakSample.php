<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceSamples;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Speaks a sentence that the operator typed, to hear a voice by. */
final class SpeakSample implements ShouldQueue
{
    use Queueable;

    public int $tries = 2;

    public int $timeout = 120;

    public function __construct(
        public readonly int $account,
        public readonly string $voice,
        public readonly int $speed,
        public readonly string $text,
    ) {
        $this->onQueue(Lane::Looks->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class, AtOnce::class];
    }

    public function handle(VoiceBook $voices, VoiceSamples $samples): void
    {
        $samples->speak($this->account, $this->text, $voices->get($this->voice)->at($this->speed));
    }
}
