<?php

declare(strict_types=1);

namespace App\Voicing;

use App\Jobs\AlignRecording;
use App\Jobs\PlanShort;
use App\Media\MediaStore;
use App\Media\Prober;
use App\Media\UnusableMedia;
use App\Models\Reading;
use App\Models\Recording;
use App\Models\RecordingState;
use App\Models\Short;
use App\Scripts\ShortWriter;
use App\Shorts\ProblemForOperator;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use RapidReel\Align\TimedText;
use RapidReel\Intake\TextEncoding;

/** Takes recordings in, and lets the operator accept what was found in them. The narrator's take stays until then. */
final readonly class RecordingDesk
{
    public function __construct(
        private Prober $prober,
        private MediaStore $store,
        private ShortWriter $writer,
    ) {
    }

    /**
     * @param  string  $text  the words of a scene, or empty for the whole script
     * @param  string|null  $timing  the contents of a file of times, if one came along
     *
     * @throws ProblemForOperator
     */
    public function bring(Short $short, string $path, string $name, string $text, ?string $timing = null): Recording
    {
        if ($text !== '' && $short->scenes->doesntContain('text', $text)) {
            throw new ProblemForOperator('The words of this scene have changed meanwhile. Load the page again; your recording is still on your disk.');
        }
        if (filesize($path) > (int) config('reel.upload.recording_bytes')) {
            throw UnusableMedia::isTooLarge($name, sprintf('at most %d MB can be used', intdiv((int) config('reel.upload.recording_bytes'), 1024 * 1024)));
        }
        $ms = $this->prober->soundMs($path, $name);
        if ($ms > 1000 * (int) config('reel.upload.recording_seconds')) {
            throw UnusableMedia::isTooLong($name, $ms, (int) config('reel.upload.recording_seconds'));
        }
        if ($timing !== null && TimedText::parse(TextEncoding::toUtf8($timing) ?? '') === []) {
            throw new ProblemForOperator('The file of times is no SRT, no WebVTT and no JSON with words.');
        }
        $place = 'recordings/'.Str::uuid()->toString();
        File::ensureDirectoryExists(dirname($this->store->path($place)));
        File::copy($path, $this->store->path($place));
        $recording = Recording::query()->create([
            'short_id' => $short->id, 'text' => $text, 'name' => mb_strimwidth(mb_scrub($name), 0, 120, '…'), 'path' => $place, 'timing' => $timing, 'state' => RecordingState::Waiting,
        ]);
        AlignRecording::dispatch($recording->id);

        return $recording;
    }

    public function accept(Reading $reading): void
    {
        DB::transaction(function () use ($reading): void {
            Reading::query()->where('short_id', $reading->short_id)->where('text', $reading->text)->whereKeyNot($reading->id)->delete();
            $reading->update(['accepted' => true]);
            $this->settle($reading->short);
        });
        PlanShort::dispatch($reading->short_id);
    }

    /** An offered one goes; where it was accepted, the narrator speaks again. */
    public function drop(Reading $reading): void
    {
        DB::transaction(function () use ($reading): void {
            $reading->delete();
            if ($reading->accepted) {
                $this->settle($reading->short);
            }
        });
        PlanShort::dispatch($reading->short_id);
    }

    private function settle(Short $short): void
    {
        $this->writer->settle($short->batch, [$short->unsetRelation('readings')]);
    }
}
