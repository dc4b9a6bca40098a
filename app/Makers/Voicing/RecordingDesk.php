<?php

declare(strict_types=1);

namespace App\Makers\Voicing;

use App\Ground\Work\DiskRoom;
use App\Ground\Work\Orders;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Recording;
use App\Shelves\Models\RecordingState;
use App\Shelves\Models\Short;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Refusal;

/** Takes recordings in. The narrator's take stays until what is found in them is used. */
final readonly class RecordingDesk
{
    /** What a recording may hold beside the words: others, tries, silence. */
    private const SPARE_MS = 60_000;

    private const SLOWEST_WORD_MS = 2_500;

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
     * @throws ToolFailed
     */
    public function bring(Short $short, string $path, string $name, string $text, ?string $timing = null): Recording
    {
        if ($text !== '' && $short->scenes->doesntContain('text', $text)) {
            throw new Refusal(
                'The words of this scene have changed meanwhile. Reload the page; your recording is still on your '
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
        $ms = $this->prober->soundMs($path, $name, (int) config('reel.upload.recording_seconds'));
        if ($ms > 1000 * (int) config('reel.upload.recording_seconds')) {
            throw UnusableMedia::isTooLong($name, $ms, (int) config('reel.upload.recording_seconds'));
        }
        if ($timing !== null) {
            TimingImport::cues($timing);
        }
        $this->refuseMuchMore($ms, $text !== '' ? [$text] : array_values($short->scenes->pluck('text')->all()));
        $place = 'recordings/'.Str::uuid()->toString();
        $this->store->keep($path, $this->store->path($place));

        return DB::transaction(function () use ($short, $text, $name, $place, $timing): Recording {
            $recording = Recording::query()->forceCreate([
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

    /** Tells why nothing was made of a recording. Its file stays its operator's. */
    public function refuse(int $id, string $problem): void
    {
        $recording = Recording::query()->whereKey($id)->where('state', RecordingState::Waiting)->first();
        if ($recording !== null) {
            $recording->update([
                'state' => RecordingState::Failed,
                'problem' => mb_strimwidth($problem, 0, 500, '…'),
            ]);
        }
    }

    /** Has the words of a recording looked for once more. */
    public function again(Recording $recording): void
    {
        DB::transaction(function () use ($recording): void {
            if ($recording->refresh()->state !== RecordingState::Failed) {
                return;
            }
            if (! is_file($this->store->path($recording->path))) {
                throw new Refusal('Its file is not here any more. Upload it again.');
            }
            $recording->update(['state' => RecordingState::Waiting, 'problem' => null]);
            $this->orders->alignRecording($recording->id);
        });
    }

    /**
     * Takes a recording away: what was found in it stays, as far as it was cut out already.
     *
     * @throws StrangePlace
     */
    public function remove(Recording $recording): void
    {
        $recording->delete();
        // A copy of a short has the same file.
        if (Recording::query()->where('path', $recording->path)->doesntExist()) {
            $this->store->discard($this->store->path($recording->path));
        }
    }

    /**
     * Nobody reads so slowly: to search for some words in a speech takes long and finds nothing.
     *
     * @param  list<string>  $texts
     *
     * @throws Refusal
     */
    private function refuseMuchMore(int $ms, array $texts): void
    {
        $words = array_sum(array_map(static fn (string $text): int => count(ScriptWord::of($text)), $texts));
        if ($ms > self::SPARE_MS + $words * self::SLOWEST_WORD_MS) {
            throw new Refusal(sprintf(
                'This recording runs %s, which is much more than %d words take. Cut it to these words and upload that.',
                $ms < 120_000 ? sprintf('%d seconds', $ms / 1000) : sprintf('%d minutes', $ms / 60_000),
                $words,
            ));
        }
    }
}
