<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Ground\Work\DiskRoom;
use App\Ground\Work\Orders;
use App\Media\Probing\FileMarks;
use App\Media\Probing\ProbedMedia;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\Limits;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\KeptFiles;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\FileWords;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\PictureHash;

/** Brings files into the library: probes them, keeps them under names of ours, draws a thumbnail. */
final readonly class FootageImporter
{
    private const THUMBNAIL_WIDTH = 480;

    /** Larger stills are scaled down to this on their longer side: twice what a full-size export can show. */
    private const LONGEST_SIDE = 4_320;

    public function __construct(
        private Prober $prober,
        private MediaTools $tools,
        private MediaStore $store,
        private DiskRoom $room,
        private KeyedLock $lock,
        private Orders $orders,
        private FileMarks $marks,
        private KeptFiles $kept,
    ) {
    }

    /**
     * Draws the thumbnail of what is in the library again where it is gone or damaged.
     *
     * @throws UnusableMedia
     * @throws StrangePlace
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     * @throws Refusal
     */
    public function keepThumbnail(Footage $footage): void
    {
        $place = $this->store->path($footage->thumbnail);
        $file = $this->store->path($footage->path);
        if (KeptFiles::isAsSealed($place) || ! KeptFiles::agrees($file, $footage->seal)) {
            return;
        }
        $folder = $this->store->workFolder();
        try {
            $this->thumbnail($file, $this->prober->glance($file, $footage->name), $footage->name, "$folder/thumb.jpg");
            $this->kept->put("$folder/thumb.jpg", $place);
        } finally {
            $this->store->discard($folder);
        }
    }

    /**
     * @param  string  $name  what the operator calls the file
     * @param  list<string>  $tags
     *
     * @throws UnusableMedia
     */
    public function footage(
        Channel $channel,
        string $path,
        string $name,
        array $tags,
        string $origin = 'upload',
        string $collection = '',
    ): Footage {
        $fingerprint = (string) hash_file('xxh128', $path);

        // The same file twice at once is brought in once.
        return $this->lock->hold(
            "footage-{$channel->id}-$fingerprint",
            fn (): Footage => $this->bring($channel, $path, $name, $tags, $origin, $fingerprint, $collection),
        );
    }

    /**
     * @param  list<string>  $tags
     *
     * @throws UnusableMedia
     * @throws TooMuch
     * @throws TooSlow
     * @throws StrangePlace
     * @throws Refusal
     * @throws ToolFailed
     */
    private function bring(
        Channel $channel,
        string $path,
        string $name,
        array $tags,
        string $origin,
        string $fingerprint,
        string $collection,
    ): Footage {
        $known = Footage::at($channel)
            ->withoutGlobalScope(SoftDeletingScope::class)
            ->where('fingerprint', $fingerprint)
            ->first();
        if ($known !== null && $this->isWhole($known)) {
            // What was deleted and is brought again is there again.
            $known->trashed() && $known->restore();

            return $known;
        }
        $this->room->ask((int) filesize($path));
        // What the demo program drew a moment ago need not be read through again, and what is large a worker reads.
        $probed = $this->prober->glance($path, $name);
        $tags = $origin !== 'upload' ? $tags : array_values(array_unique([
            ...$tags,
            ...FileWords::tags($this->marks->of($path, $probed->kind === FootageKind::Still)),
        ]));
        $isLong = $origin !== 'demo' && $probed->isLongToRead();
        if ($origin !== 'demo' && ! $isLong) {
            try {
                $probed = $this->prober->readThrough($path, $name, $probed);
            } catch (TooSlow|TooMuch $problem) {
                // A worker has the time for a clip that nobody can wait for.
                $isLong = $probed->kind === FootageKind::Clip ? true : throw $problem;
            }
        }
        $folder = $this->store->workFolder();
        try {
            $id = Str::uuid()->toString();
            $drawn = $origin === 'demo' || $probed->kind === FootageKind::Clip;
            $file = $drawn ? $this->asItIs($path, $folder) : $this->still($path, $name, $probed, $folder);
            $shown = ! $drawn ? $this->prober->glance($file, $name) : $probed;
            $look = $this->thumbnail($file, $shown, $name, "$folder/thumb.jpg");
            $relative = 'library/'.$id.'.'.pathinfo($file, PATHINFO_EXTENSION);
            $this->kept->put("$folder/thumb.jpg", $this->store->path("thumbnails/$id.jpg"));
            $this->store->publish($file, $this->store->path($relative));
        } finally {
            $this->store->discard($folder);
        }

        $kept = [
            'path' => $relative,
            'thumbnail' => "thumbnails/$id.jpg",
            'fingerprint' => $fingerprint,
            'seal' => KeptFiles::sealOf($this->store->path($relative)),
            'width' => $shown->width,
            'height' => $shown->height,
            'media_type' => $shown->type,
            'duration_ms' => $shown->durationMs,
            'state' => $isLong ? FootageState::Checking : FootageState::Ready,
            'look' => $look,
            'remark' => $probed->look->assumed() ?: null,
            'near_id' => $this->near($channel, $look, $known),
        ];
        // Brought again after its file was damaged, it is the same footage as before.
        if ($known !== null) {
            $known->trashed() && $known->restore();
            $known->forceFill($kept)->save();

            return $known;
        }

        return DB::transaction(function () use (
            $channel,
            $kept,
            $name,
            $probed,
            $origin,
            $tags,
            $isLong,
            $collection,
        ): Footage {
            $footage = Footage::query()->forceCreate([
                ...$kept,
                'channel_id' => $channel->id,
                'name' => self::plainName($name),
                'kind' => $probed->kind,
                'origin' => $origin,
                'tags' => implode(', ', $tags),
                'collection' => $collection,
            ]);
            if ($isLong) {
                $this->orders->checkFootage($footage->id);
            }

            return $footage;
        });
    }

    /** Id of the first that has nearly the same look. */
    public function near(Channel $channel, ?string $look, ?Footage $itself): ?int
    {
        if ($look === null || ! PictureHash::tells($look)) {
            return null;
        }
        // Of two that differ in five bits, one of six parts at least is the same: those are indexed.
        $parts = $values = [];
        foreach (PictureHash::PARTS as [$from, $length]) {
            $parts[] = "select id from footage where substr(look, $from, $length) = ?";
            $values[] = substr($look, $from - 1, $length);
        }
        $alike = Footage::at($channel)->whereRaw('id in ('.implode(' union ', $parts).')', $values);
        foreach ($alike->orderBy('id')->pluck('look', 'id') as $id => $other) {
            if ($id !== $itself?->id && PictureHash::distance($look, (string) $other) <= PictureHash::NEAR) {
                return (int) $id;
            }
        }

        return null;
    }

    /** @throws StrangePlace */
    private function isWhole(Footage $known): bool
    {
        return KeptFiles::agrees($this->store->path($known->path), $known->seal);
    }

    public static function plainName(string $file): string
    {
        $words = trim((string) preg_replace('/[\s_-]+/u', ' ', mb_scrub(pathinfo($file, PATHINFO_FILENAME))));

        return mb_strimwidth($words === '' ? 'Untitled' : Str::ucfirst($words), 0, 120, '…');
    }

    /** @throws StrangePlace */
    private function asItIs(string $path, string $folder): string
    {
        $extension = strtolower(pathinfo($path, PATHINFO_EXTENSION));
        $file = "$folder/footage.".(in_array($extension, FolderShelf::PICTURES, true) ? $extension : 'mp4');
        $this->store->copy($path, $file);

        return $file;
    }

    /**
     * Every still becomes a PNG, as it is to be seen, so that one kind of picture is all that renders meet.
     *
     * @throws UnusableMedia
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function still(string $path, string $name, ProbedMedia $found, string $folder): string
    {
        $side = self::LONGEST_SIDE;
        $process = $this->tools->open(
            [
                '-loglevel', 'error', '-xerror', '-noautorotate', ...$this->tools->input($path), '-vf',
                implode(',', [
                    ...$found->look->filters(),
                    "scale=w='min(iw,$side)':h='min(ih,$side)':force_original_aspect_ratio=decrease:flags=lanczos",
                    'format=rgb24',
                ]),
                '-frames:v', '1', '-update', '1', 'still.png',
            ],
            $name,
            Limits::ofAReading(),
            $folder,
        );
        if (! $process->isSuccessful() || ! is_file("$folder/still.png")) {
            throw UnusableMedia::isBroken($name);
        }

        return "$folder/still.png";
    }

    /**
     * @return string|null what it looks like, as a hash; null where that cannot be told
     *
     * @throws UnusableMedia
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function thumbnail(string $file, ProbedMedia $shown, string $name, string $target): ?string
    {
        $width = self::THUMBNAIL_WIDTH;
        [$across, $down] = [PictureHash::WIDTH, PictureHash::HEIGHT];
        $process = $this->tools->open(
            [
                '-loglevel', 'error', '-ss', sprintf('%.3f', ($shown->look->lateMs + $shown->durationMs / 2) / 1000),
                ...$shown->kind === FootageKind::Still ? ['-noautorotate'] : [],
                ...$this->tools->input($file), '-filter_complex',
                "[0:{$shown->stream}]".implode(',', [
                    ...$shown->look->filters(), "scale=$width:-2,format=yuvj420p,split[seen][small]",
                ]).";[small]scale=$across:$down:flags=bicubic,format=gray[grey]",
                '-map', '[seen]', '-frames:v', '1', '-update', '1', '-q:v', '4', $target,
                '-map', '[grey]', '-frames:v', '1', '-f', 'rawvideo', '-',
            ],
            $name,
            Limits::ofAReading(),
        );
        if (! $process->isSuccessful() || ! is_file($target)) {
            throw UnusableMedia::isBroken($name);
        }
        $greys = $process->getOutput();

        return strlen($greys) === $across * $down
            ? PictureHash::of(array_map(ord(...), str_split($greys)))
            : null;
    }
}
