<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Ground\Work\HandedBack;
use App\Media\Making\Maker;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\MediaStore;
use App\Media\Video\ChangedFootage;
use App\Media\Video\Joiner;
use App\Media\Video\Sources;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Captions\Drawing\CaptionScript;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Raster;
use RapidReel\Making\Render\Recipe;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Framing\Path\PathFinder;
use RapidReel\Pictures\Framing\Path\PathRules;
use RapidReel\Pictures\Framing\Path\Pin;

/** Frames a file that belongs to no library: its path, and the file that is cut along it. */
final readonly class FileFramer
{
    /** Long clips are rendered in pieces. */
    private const PIECE_FRAMES = 20 * TargetPicture::USUAL_RATE;

    /** Pixels of the shorter side. */
    private const SHORT_SIDE = 1080;

    /** Of a still that is to become a clip. */
    private const STILL_MS = 4_000;

    public function __construct(
        private Prober $prober,
        private InterestStore $interests,
        private MediaTools $tools,
        private MediaStore $store,
        private Sources $sources,
        private Maker $maker,
        private Joiner $joiner,
    ) {
    }

    /**
     * @param  string  $aspect  such as "9:16"
     * @param  list<Pin>  $pins
     * @param  Closure(float): void  $tell  told the part that is done
     *
     * @throws Refusal
     * @throws HandedBack
     * @throws ToolFailed
     */
    public function frame(string $file, string $aspect, array $pins, Closure $tell): FramedFile
    {
        [$across, $down] = self::aspect($aspect);
        $name = basename($file);
        $found = $this->prober->glance($file, $name);
        foreach ($pins as $pin) {
            if ($pin->ms > $found->durationMs) {
                throw new Refusal(sprintf(
                    'A pin stands at %.1f s, and “%s” ends at %.1f s.',
                    $pin->ms / 1000,
                    $name,
                    $found->durationMs / 1000,
                ));
            }
        }
        $key = (string) hash_file('xxh128', $file);
        try {
            $map = $this->interests->of($key, $file, $tell);
        } catch (ToolFailed) {
            throw UnusableMedia::isBroken($name);
        }
        $path = PathFinder::find(
            $map,
            0,
            max(1, $found->durationMs),
            new PathRules($across / $down, pins: $pins),
        );

        return new FramedFile($file, $key, $found, $this->fps($file, $found->stream), [$across, $down], $map, $path);
    }

    /**
     * Writes the file that is cut along its path, with its own sound, whole or not at all.
     *
     * @throws HandedBack
     * @throws UnusableMedia
     * @throws ToolFailed
     * @throws ChangedFootage
     * @throws Refusal
     */
    public function render(FramedFile $framed, string $target): void
    {
        if (! is_dir(dirname($target))) {
            throw new Refusal('There is no folder '.dirname($target).'.');
        }
        $this->sources->lay($framed->key, $framed->file, basename($framed->file));
        [$width, $height] = self::pixels($framed->aspect);
        $source = new Source($framed->key, $framed->found->kind, $framed->found->width, $framed->found->height);
        $durationMs = $framed->found->durationMs > 0 ? $framed->found->durationMs : self::STILL_MS;
        $frames = max(1, (int) round($durationMs * TargetPicture::USUAL_RATE / 1000));
        $recipes = [];
        for ($first = 0; $first < $frames; $first += self::PIECE_FRAMES) {
            $fromMs = (int) round($first * 1000 / TargetPicture::USUAL_RATE);
            $layer = new Layer($source, $fromMs, $framed->path->from($fromMs));
            $recipes[] = new Recipe(
                min(self::PIECE_FRAMES, $frames - $first),
                new Raster($width, $height, TargetPicture::USUAL_RATE),
                $layer,
                new Look,
                CaptionScript::none(),
                Quality::Final->encoder($layer),
            );
        }
        $this->maker->make($recipes);
        $folder = $this->store->workFolder();
        try {
            $segments = array_map(
                fn (Recipe $recipe): array => [$this->maker->file($recipe), $recipe->frames],
                $recipes,
            );
            $this->joiner->join($segments, $this->sound($framed, $folder), '', "$folder/framed.mp4", $recipes[0]);
            // Beside its place first, as a rename from one disk to another is none.
            $beside = "$target.".getmypid().'.part';
            $this->store->handOut("$folder/framed.mp4", $beside);
            rename($beside, $target);
        } finally {
            $this->store->discard($folder);
        }
    }

    /**
     * @return string|null none where it has none
     *
     * @throws ToolFailed
     */
    private function sound(FramedFile $framed, string $folder): ?string
    {
        $this->tools->attempt(
            [
                '-loglevel', 'error', ...$this->tools->input($framed->file), '-map', '0:a:0', '-vn', '-sn', '-dn',
                '-map_metadata', '-1', '-c:a', 'aac', '-b:a', '160k', '-ar', '48000', 'sound.m4a',
            ],
            'Reading the sound',
            $folder,
        );

        return is_file("$folder/sound.m4a") && filesize("$folder/sound.m4a") > 0 ? "$folder/sound.m4a" : null;
    }

    /**
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function fps(string $file, int $stream): float
    {
        $said = trim($this->tools->probe([
            '-v', 'error', '-select_streams', (string) $stream, '-show_entries', 'stream=avg_frame_rate', '-of',
            'csv=p=0', ...$this->tools->input($file),
        ])->getOutput());
        [$over, $under] = array_pad(array_map(floatval(...), explode('/', $said)), 2, 1.0);
        $fps = $under > 0 ? $over / $under : 0.0;

        return $fps >= 1 && $fps <= 240 ? $fps : (float) TargetPicture::USUAL_RATE;
    }

    /**
     * @return array{int, int}
     *
     * @throws Refusal
     */
    private static function aspect(string $written): array
    {
        if (preg_match('/^\s*([1-9]\d{0,3})\s*[:x\/]\s*([1-9]\d{0,3})\s*$/', $written, $sides) !== 1) {
            throw new Refusal("An aspect is written as 9:16, and not “{$written}”.");
        }
        new PathRules((int) $sides[1] / (int) $sides[2]);

        return [(int) $sides[1], (int) $sides[2]];
    }

    /**
     * @param  array{int, int}  $aspect
     * @return array{int, int}
     */
    private static function pixels(array $aspect): array
    {
        [$across, $down] = $aspect;
        $long = 2 * (int) round(self::SHORT_SIDE * max($across, $down) / min($across, $down) / 2);

        return $across > $down ? [$long, self::SHORT_SIDE] : [self::SHORT_SIDE, $long];
    }
}
