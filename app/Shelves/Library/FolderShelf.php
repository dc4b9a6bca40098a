<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeptFiles;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageWords;
use RapidReel\Plan\Choice\Mood;
use RapidReel\Plan\Cut\CutMusic;
use Symfony\Component\Finder\SplFileInfo;

/**
 * A folder of clips, stills and music, below it too. Tags are in a JSON file of the same name ({"tags": […]}), else the
 * words of the file's name.
 */
final readonly class FolderShelf
{
    public const PICTURES = ['mp4', 'mov', 'm4v', 'webm', 'mkv', 'png', 'jpg', 'jpeg', 'webp'];

    public const SOUNDS = ['wav', 'mp3', 'm4a', 'ogg', 'flac'];

    public function __construct(
        private string $folder,
        private Prober $prober,
        private SoundMeter $meter,
        private EffectBook $effects,
    ) {
    }

    /**
     * @throws UnusableMedia
     * @throws Refusal
     * @throws ToolFailed
     */
    public function shelf(): Shelf
    {
        if (! is_dir($this->folder)) {
            throw new Refusal("There is no folder {$this->folder}.");
        }
        $footage = $paths = $music = $seals = $moods = [];
        // Programs work in folders of their own, where a relative path would lead nowhere.
        foreach ($this->files(self::PICTURES) as $file) {
            $probed = $this->prober->glance($file->getPathname(), $file->getFilename());
            $id = $file->getRelativePathname();
            $seals[$id] = KeptFiles::sealOf($file->getPathname());
            $footage[] = new Footage(
                $id,
                $probed->kind,
                KeptFiles::hashOf($seals[$id]),
                $probed->width,
                $probed->height,
                $probed->durationMs,
                new FootageWords(self::tagsOf($file->getPathname())),
            );
            $paths[$id] = $file->getPathname();
        }
        foreach ($this->files(self::SOUNDS) as $file) {
            $id = $file->getRelativePathname();
            $fingerprint = (string) hash_file('xxh128', $file->getPathname());
            $heard = $this->meter->known($file->getPathname(), $file->getFilename(), $fingerprint);
            $piece = new CutMusic(
                $id, $fingerprint, $heard['loudness'], durationMs: $heard['duration_ms'], bars: $heard['bars'],
            );
            $music[$id] = new KeptMusic($piece, $id, $file->getPathname());
            $moods[$id] = self::moodOf($file->getPathname());
        }
        if ($footage === []) {
            throw new Refusal("{$this->folder} holds no clip or still that can be read.");
        }

        $find = static fn (string $id): ?KeptMusic => $music[$id] ?? null;

        return new Shelf($footage, $paths, $seals, new MusicShelf($moods, $find), $this->effects->of(null));
    }

    /** The mood of a piece, out of a JSON file of the same name ({"mood": "calm"}). */
    public static function moodOf(string $path): ?Mood
    {
        $about = json_decode((string) @file_get_contents((string) preg_replace('/\.\w+$/', '.json', $path)), true);

        return is_array($about) && is_string($about['mood'] ?? null) ? Mood::tryFrom($about['mood']) : null;
    }

    /** @return list<string> */
    public static function tagsOf(string $path): array
    {
        $sidecar = preg_replace('/\.[^.]+$/', '.json', $path);
        $data =
            is_string($sidecar) && is_file($sidecar) ? json_decode((string) file_get_contents($sidecar), true) : null;
        if (is_array($data) && is_array($data['tags'] ?? null)) {
            return array_values(array_filter($data['tags'], is_string(...)));
        }

        return array_values(
            array_filter(
                (array) preg_split('/[^\p{L}]+/u', pathinfo($path, PATHINFO_FILENAME)),
                static fn ($word): bool => is_string($word) && mb_strlen($word) > 1,
            ),
        );
    }

    /**
     * @param  list<string>  $extensions
     * @return list<SplFileInfo>
     */
    private function files(array $extensions): array
    {
        $files = array_filter(
            File::allFiles((string) realpath($this->folder)),
            static fn (SplFileInfo $file): bool => in_array(strtolower($file->getExtension()), $extensions, true),
        );
        usort(
            $files,
            static fn (SplFileInfo $a, SplFileInfo $b): int => strnatcmp(
                $a->getRelativePathname(),
                $b->getRelativePathname(),
            ),
        );

        return $files;
    }
}
