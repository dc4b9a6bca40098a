<?php

declare(strict_types=1);

namespace App\Voicing;

use App\Media\MediaStore;
use App\Media\Prober;
use App\Media\UnusableMedia;
use App\Models\Recording;
use App\Models\RecordingState;
use App\Models\Short;
use App\Work\DiskRoom;
use App\Work\Orders;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use RapidReel\Align\TimedText;
use RapidReel\Base\Refusal;
use RapidReel\Intake\TextEncoding;

/** Takes recordings in. The narrator's take stays until what is found in them is used. */
final readonly class RecordingDesk
{
    public function __construct(
        private Prober $prober,
        private MediaStore $store,
        private Orders $orders,
        private DiskRoom $room,
    ) {
    }

    /**
     * @param  string  $text  the words of a scene, or empty for the whole script
     * @param  string|null  $timing  the contents of a file of times, if one came along
     *
     * @throws Refusal
     */
    public function bring(Short $short, string $path, string $name, string $text, ?string $timing = null): Recording
    {
        if ($text !== '' && $short->scenes->doesntContain('text', $text)) {
            throw new Refusal(
                'The words of this scene have changed meanwhile. Load the page again; your recording is still on your '
                    .'disk.',
            );
        }
        if (filesize($path) > (int) config('reel.upload.recording_bytes')) {
            throw UnusableMedia::isTooLarge(
                $name,
                sprintf('at most %d MB can be used', intdiv((int) config('reel.upload.recording_bytes'), 1024 * 1024)),
            );
        }
        $this->room->ask((int) filesize($path));
        $ms = $this->prober->soundMs($path, $name);
        if ($ms > 1000 * (int) config('reel.upload.recording_seconds')) {
            throw UnusableMedia::isTooLong($name, $ms, (int) config('reel.upload.recording_seconds'));
        }
        if ($timing !== null && TimedText::parse(TextEncoding::toUtf8($timing) ?? '') === []) {
            throw new Refusal('The file of times is no SRT, no WebVTT and no JSON with words.');
        }
        $place = 'recordings/'.Str::uuid()->toString();
        File::ensureDirectoryExists(dirname($this->store->path($place)));
        File::copy($path, $this->store->path($place));

        return DB::transaction(function () use ($short, $text, $name, $place, $timing): Recording {
            $recording = Recording::query()->create([
                'short_id' => $short->id,
                'text' => $text,
                'name' => mb_strimwidth(mb_scrub($name), 0, 120, '…'),
                'path' => $place,
                'timing' => $timing,
                'state' => RecordingState::Waiting,
            ]);
            $this->orders->alignRecording($recording->id);

            return $recording;
        });
    }
}
