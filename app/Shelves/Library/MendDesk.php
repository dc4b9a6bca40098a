<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Gateways\Animation\Animation;
use App\Ground\Work\Orders;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Media\Video\ChangedFootage;
use App\Media\Video\Sources;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\Mend;

/** Clips that are mended: each a piece of footage of its own, beside the one that it was made of. */
final readonly class MendDesk
{
    public function __construct(
        private MediaStore $store,
        private MediaTools $tools,
        private Prober $prober,
        private Sources $sources,
        private Orders $orders,
        private Animation $animation,
        private KeptFiles $kept,
    ) {
    }

    /**
     * Orders mended copies of clips; one that was mended so before is not made again.
     *
     * @param  list<int>  $ids
     * @return string what was done, in words
     *
     * @throws Refusal
     */
    public function order(Channel $channel, array $ids, string $written): string
    {
        $mend = Mend::tryFrom($written) ?? throw new Refusal('Choose how the clips are to be mended.');

        return DB::transaction(function () use ($channel, $ids, $mend): string {
            $clips = Footage::query()
                ->where('channel_id', $channel->id)
                ->where('kind', $mend->kind())
                ->where('state', FootageState::Ready)
                ->whereKey($ids)
                ->get();
            $ordered = 0;
            foreach ($clips as $clip) {
                $fingerprint = hash('xxh128', "{$clip->fingerprint} {$mend->value}");
                if (Footage::at($channel)->where('mended_key', $fingerprint)->exists()) {
                    continue;
                }
                $thumbnail = 'thumbnails/'.Str::uuid()->toString().'.jpg';
                $this->store->keep($this->store->path($clip->thumbnail), $this->store->path($thumbnail));
                $copy = $clip->replicate(['seal', 'near_id']);
                $copy->forceFill([
                    // A name that no file has yet, and never that of the untouched one.
                    'path' => 'library/'.Str::uuid()->toString().'.mp4',
                    'name' => mb_strimwidth("$clip->name, {$mend->suffix()}", 0, 120, '…'),
                    'state' => FootageState::Mending,
                    'percent' => 0,
                    'kind' => FootageKind::Clip,
                    'thumbnail' => $thumbnail,
                    // Until it is there, under a hash that no file has.
                    'fingerprint' => "mending-$fingerprint",
                    'mended_of' => $clip->id,
                    'mended_by' => $mend->value,
                    'mended_key' => $fingerprint,
                ])->save();
                $this->orders->mendFootage($copy->id);
                $ordered++;
            }
            if ($ordered === 0) {
                throw new Refusal($clips->isEmpty()
                    ? ($mend === Mend::Animate
                        ? 'Choose stills of this channel first; clips move already.'
                        : 'Choose clips of this channel first; stills are not mended.')
                    : 'These were mended so before; the mended ones stand beside them.');
            }

            return sprintf('%s: %s.', $ordered === 1 ? '1 piece' : "$ordered pieces", $mend->label());
        });
    }

    /**
     * Makes the mended file of a piece that waits for it.
     *
     * @throws StrangePlace
     */
    public function mend(Footage $copy): void
    {
        $mend = Mend::tryFrom($copy->mended_by ?? '');
        $of = Footage::withTrashed()->find($copy->mended_of);
        if ($copy->state !== FootageState::Mending || $mend === null) {
            return;
        }
        if ($of === null) {
            $this->refuse($copy->id, 'What it was to be made of is gone.');

            return;
        }
        $folder = $this->store->workFolder();
        try {
            $this->make($copy, $of, $mend, $folder);
        } catch (Refusal|UnusableMedia $problem) {
            $this->refuse($copy->id, $problem->getMessage());
        } catch (ToolFailed $problem) {
            report($problem);
            $this->refuse($copy->id, "{$problem->getMessage()} The untouched clip is as it was.");
        } finally {
            $this->store->discard($folder);
        }
    }

    public function refuse(int $id, string $why): void
    {
        Footage::query()->whereKey($id)->where('state', FootageState::Mending)->update([
            'state' => FootageState::Refused, 'refused' => mb_strimwidth($why, 0, 250, '…'),
        ]);
    }

    /**
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws ChangedFootage
     * @throws Refusal
     */
    private function make(Footage $copy, Footage $of, Mend $mend, string $folder): void
    {
        if ($mend === Mend::Animate) {
            $still = $this->store->path($of->path);
            $this->keep($copy, $folder, $this->animation->animate($still, $of->brief ?? '', $of->id, $folder));

            return;
        }
        $this->sources->lay($of->fingerprint, $this->store->path($of->path), $of->name, $of->seal);
        $source = $this->store->source($of->fingerprint);
        $crop = match ($mend) {
            Mend::Borders => $this->borders($source, $of, $folder)
                ?? throw new Refusal('No black borders were found.'),
            // What is cut off is cut off the picture, and not off black that stands around it.
            Mend::Edges => $this->borders($source, $of, $folder) ?? '',
            default => '',
        };
        if ($mend === Mend::Steady) {
            $this->tools->run(
                [
                    '-loglevel', 'error', ...$this->tools->input($source), '-an', '-vf',
                    'vidstabdetect=shakiness=8:accuracy=12:result=moves.trf', '-f', 'null', '-',
                ],
                'Looking at how the camera shakes',
                $folder,
            );
        }
        $told = 0.0;
        $lengthMs = $of->duration_ms * ($mend === Mend::Slow ? 2 : 1);
        $process = $this->tools->attempt(
            [
                '-loglevel', 'error', '-progress', 'pipe:1', ...$this->tools->input($source), '-map', '0:v:0', '-map',
                '0:a:0?', '-vf', $mend->filters($crop, 'moves.trf').',format=yuv420p',
                ...$mend === Mend::Slow ? ['-af', 'atempo=0.5'] : [], '-c:v', 'libx264', '-preset', 'veryfast', '-crf',
                '15', '-c:a', 'aac', '-b:a', '160k', '-map_metadata', '-1', '-movflags', '+faststart', 'mended.mp4',
            ],
            'Mending a clip',
            $folder,
            static function (string $type, string $printed) use ($copy, $lengthMs, &$told): void {
                if (hrtime(true) / 1e9 - $told > 0.5 && preg_match('/out_time_us=(\d+)/', $printed, $at) === 1) {
                    $told = hrtime(true) / 1e9;
                    Footage::query()->whereKey($copy->id)->where('state', FootageState::Mending)
                        ->update(['percent' => (int) min(99, (int) $at[1] / 10 / max(1, $lengthMs))]);
                }
            },
        );
        if (! $process->isSuccessful()) {
            throw ToolFailed::from($process, 'Mending a clip');
        }
        $this->keep($copy, $folder, "$folder/mended.mp4");
    }

    /**
     * @throws UnusableMedia
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     * @throws StrangePlace
     * @throws Refusal
     */
    private function keep(Footage $copy, string $folder, string $file): void
    {
        $found = $this->prober->readThrough($file, $copy->name, $this->prober->glance($file, $copy->name));
        $relative = 'library/'.Str::uuid()->toString().'.mp4';
        $this->tools->run(
            [
                '-loglevel', 'error', '-ss', sprintf('%.3f', $found->durationMs / 2000),
                ...$this->tools->input($file), '-frames:v', '1', '-vf', 'scale=480:-2,format=yuvj420p',
                '-q:v', '4', '-update', '1', 'thumb.jpg',
            ],
            'Drawing a thumbnail',
            $folder,
        );
        $this->kept->put("$folder/thumb.jpg", $this->store->path($copy->thumbnail));
        $seal = KeptFiles::sealOf($file);
        $this->store->publish($file, $this->store->path($relative));
        $made = [
            'path' => $relative,
            'fingerprint' => KeptFiles::hashOf($seal),
            'seal' => $seal,
            'width' => $found->width,
            'height' => $found->height,
            'media_type' => $found->type,
            'duration_ms' => $found->durationMs,
            'state' => FootageState::Ready,
            'percent' => 100,
        ];
        $isMine = DB::transaction(static function () use ($copy, $made): bool {
            // Another worker may have been quicker, or it was deleted.
            $isOpen = Footage::query()->whereKey($copy->id)->where('state', FootageState::Mending)->exists();
            $isOpen && $copy->forceFill($made)->save();

            return $isOpen;
        });
        $isMine || $this->store->discard($this->store->path($relative));
    }

    /**
     * What black borders leave of a clip, as w:h:x:y; null where there are none.
     *
     * @throws Refusal where hardly anything is left
     * @throws ToolFailed
     */
    private function borders(string $source, Footage $of, string $folder): ?string
    {
        $said = $this->tools->run(
            [
                '-loglevel', 'info', '-nostats', ...$this->tools->input($source), '-an', '-vf',
                'fps=4,cropdetect=limit=24:round=2:reset=0', '-f', 'null', '-',
            ],
            'Looking for black borders',
            $folder,
        )->getErrorOutput();
        preg_match_all('/crop=(\d+):(\d+):(\d+):(\d+)/', $said, $found, PREG_SET_ORDER);
        $last = end($found);
        if ($last === false || ((int) $last[1] >= $of->width - 4 && (int) $last[2] >= $of->height - 4)) {
            return null;
        }
        if ((int) $last[1] < 64 || (int) $last[2] < 64) {
            throw new Refusal('Hardly anything would be left of it: the clip is all but black.');
        }

        return "$last[1]:$last[2]:$last[3]:$last[4]";
    }
}
