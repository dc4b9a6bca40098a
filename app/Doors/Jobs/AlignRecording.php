<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Makers\Voicing\RecordingDesk;
use App\Makers\Voicing\RecordingReader;
use App\Shelves\Models\Recording;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RapidReel\Base\Refusal;
use Throwable;

/** Finds the words of a recording. */
final class AlignRecording implements Ordered, ShouldQueue
{
    use Queueable;

    public int $tries = Ordered::PATIENCE;

    /** An hour: the longest recording takes some minutes. */
    public int $timeout = 3_600;

    public function __construct(public readonly int $recordingId)
    {
        $this->onQueue(Lane::Words->value);
    }

    /** @return list<class-string> */
    public function middleware(): array
    {
        return [HandsBack::class, StaysReserved::class];
    }

    public function handle(RecordingReader $reader): void
    {
        $recording = Recording::query()->find($this->recordingId);
        if ($recording === null) {
            return;
        }
        try {
            $reader->read($recording);
        } catch (Refusal $problem) {
            $this->tell($problem->getMessage());
        }
    }

    public function about(): string
    {
        return "recording:{$this->recordingId}";
    }

    public function failed(?Throwable $problem): void
    {
        $this->tell(
            'It could not be read: the workers stopped over it many times. It is kept; have it looked through again, '
                .'or cut it into parts.',
        );
    }

    private function tell(string $problem): void
    {
        app(RecordingDesk::class)->refuse($this->recordingId, $problem);
    }
}
