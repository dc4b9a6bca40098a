<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Recording;
use App\Models\RecordingState;
use App\Shorts\ProblemForOperator;
use App\Voicing\RecordingReader;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RapidReel\Voice\SilentTake;
use Throwable;

/** Finds the words of a recording. */
final class AlignRecording implements ShouldQueue
{
    use KeepsReservation;
    use Queueable;

    public int $tries = 4;

    public int $timeout = 0;

    public function __construct(public readonly int $recordingId)
    {
        $this->onQueue('plans');
    }

    public function handle(RecordingReader $reader): void
    {
        $recording = Recording::query()->find($this->recordingId);
        if ($recording === null) {
            return;
        }
        $this->stayReserved();
        try {
            $reader->read($recording);
        } catch (ProblemForOperator|SilentTake $problem) {
            $this->tell($problem->getMessage());
        }
    }

    public function failed(?Throwable $problem): void
    {
        $this->tell('It could not be read: '.($problem?->getMessage() ?? 'the worker stopped.'));
    }

    private function tell(string $problem): void
    {
        Recording::query()->whereKey($this->recordingId)->update(['state' => RecordingState::Failed, 'problem' => mb_strimwidth($problem, 0, 500, '…')]);
    }
}
