<?php

declare(strict_types=1);

namespace App\Editing;

use App\Library\ChosenFootage;
use App\Library\FaceDesk;
use App\Library\FootageImporter;
use App\Library\LogoDesk;
use App\Library\TableDesk;
use App\Media\CubeShelf;
use App\Media\FaceBook;
use App\Media\MediaStore;
use App\Media\UnusableMedia;
use App\Models\Channel;
use App\Models\ColourTable;
use App\Models\Face;
use App\Models\Footage;
use App\Models\Logo;
use App\Settings\Registrar;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Settings\Level;
use ZipArchive;

/** A house style as one file: a ZIP with house.json, and the logos, faces, colour tables and footage that it names. */
final readonly class HouseFile
{
    private const KIND = 'rapid-reel-house-style';

    private const VERSION = 1;

    private const MOST_BYTES = 120 * 1024 * 1024;

    private const MOST_FILES = 200;

    /** Known by numbers that mean something else elsewhere. */
    private const OF_THIS_PLACE = ['music'];

    /** Before its number in the file, so that it is not taken for another value. */
    private const NUMBER = 'footage-';

    public function __construct(
        private MediaStore $store,
        private FaceBook $faces,
        private CubeShelf $cubes,
        private LogoDesk $logoDesk,
        private FaceDesk $faceDesk,
        private TableDesk $tableDesk,
        private FootageImporter $importer,
        private Registrar $registrar,
        private EditBook $edits,
        private SettingsDesk $settings,
        private HouseDesk $house,
    ) {
    }

    /** @return string path of a ZIP that the caller deletes */
    public function pack(Channel $channel): string
    {
        $zip = new ZipArchive;
        $path = $this->store->workFolder().'/house.zip';
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $own = array_diff_key($channel->settings->own, array_flip(self::OF_THIS_PLACE));
        $house = ['kind' => self::KIND, 'version' => self::VERSION, 'settings' => $own, 'words' => [], 'files' => []];
        foreach (array_keys(HouseDesk::WORDS) as $key) {
            $house['words'][$key] = $channel->{$key};
        }
        $add = function (string $kind, string $id, string $name, string $file, string $extension) use (
            $zip,
            &$house,
        ): void {
            if (is_file($file)) {
                $zip->addFile($file, "$kind/$id.$extension");
                $house['files'][] = ['kind' => $kind, 'id' => $id, 'name' => $name, 'file' => "$kind/$id.$extension"];
            }
        };
        foreach (Logo::at($channel)->get() as $logo) {
            $add('logo', $logo->picture, $logo->name, $this->store->source($logo->picture), 'png');
        }
        foreach (ColourTable::at($channel)->get() as $table) {
            $add('table', $table->hash, $table->name, $this->cubes->file($table->hash), 'cube');
        }
        foreach (Face::at($channel)->get() as $face) {
            $add('face', $face->face, $face->name, $this->faces->file($face->face), 'ttf');
        }
        foreach (array_intersect_key(ChosenFootage::TAGS, $own) as $key => $tag) {
            $footage = Footage::at($channel)->find((int) $own[$key]);
            if ($footage instanceof Footage) {
                $id = self::NUMBER.$footage->id;
                $house['settings'][$key] = $id;
                $file = $this->store->path($footage->path);
                $add($tag, $id, $footage->name, $file, pathinfo($file, PATHINFO_EXTENSION));
            }
        }
        $zip->addFromString('house.json', json_encode(
            $house,
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ));
        $zip->close();

        return $path;
    }

    /**
     * Makes the house style of a file that of a channel: its settings as one step that can be undone.
     *
     * @return list<string> what could not be taken over, in words
     *
     * @throws Refusal when it is no such file
     */
    public function unpack(Channel $channel, string $file): array
    {
        $zip = new ZipArchive;
        if ((int) @filesize($file) > self::MOST_BYTES || $zip->open($file, ZipArchive::RDONLY) !== true) {
            throw new Refusal('This is no house style: a ZIP as “Export” makes it is wanted.');
        }
        try {
            $house = json_decode((string) $zip->getFromName('house.json', 4_000_000), true);
            if (! is_array($house) || ($house['kind'] ?? '') !== self::KIND || $zip->numFiles > self::MOST_FILES) {
                throw new Refusal('This ZIP holds no house style (house.json).');
            }
            if (($house['version'] ?? 0) !== self::VERSION) {
                throw new Refusal('This house style was made by a later version.');
            }
            $files = is_array($house['files'] ?? null) ? $house['files'] : [];
            [$renamed, $problems] = $this->files($channel, $zip, $files);
        } finally {
            $zip->close();
        }
        $problems = [
            ...$problems,
            ...$this->take($channel, is_array($house['settings'] ?? null) ? $house['settings'] : [], $renamed),
        ];
        $words = is_array($house['words'] ?? null) ? $house['words'] : [];
        $channel->refresh();
        $kept = ['name' => $channel->name];
        foreach (HouseDesk::WORDS as $key => $most) {
            $kept[$key] = is_string($words[$key] ?? null) ? mb_substr($words[$key], 0, $most) : $channel->{$key};
        }
        $this->house->describe($channel, $kept);

        return $problems;
    }

    /**
     * @param  array<array-key, mixed>  $files
     * @return array{array<string, string>, list<string>} new ids by those in the file, and what was wrong
     */
    private function files(Channel $channel, ZipArchive $zip, array $files): array
    {
        $renamed = $problems = [];
        $folder = $this->store->workFolder();
        try {
            foreach ($files as $i => $one) {
                if (! is_array($one) || ! is_string($one['file'] ?? null) || ! is_string($one['id'] ?? null)) {
                    continue;
                }
                $name = is_string($one['name'] ?? null) ? mb_substr($one['name'], 0, 100) : 'Unnamed';
                $bytes = $zip->getFromName($one['file'], 30_000_000);
                if ($bytes === false) {
                    $problems[] = "“{$name}” is named in it, and not there.";

                    continue;
                }
                $this->store->write("$folder/$i", $bytes);
                try {
                    $renamed[$one['id']] = match ($one['kind'] ?? '') {
                        'logo' => $this->logoDesk->bring($channel, "$folder/$i", $name)->picture,
                        'table' => $this->tableDesk->bring($channel, "$folder/$i", $name)->hash,
                        'face' => $this->face($channel, "$folder/$i"),
                        'opening', 'ending', 'behind' => $this->footage($channel, "$folder/$i", $name, $one['kind']),
                        default => $one['id'],
                    };
                } catch (Refusal|UnusableMedia $problem) {
                    $problems[] = $problem->getMessage();
                }
            }
        } finally {
            $this->store->discard($folder);
        }

        return [$renamed, $problems];
    }

    /** @return string its number here */
    private function footage(Channel $channel, string $file, string $name, string $tag): string
    {
        $footage = $this->importer->footage($channel, $file, $name, [$tag]);
        // The same may have been here before, for something else.
        $tags = array_unique([...$footage->tagList(), $tag]);
        $footage->update(['tags' => implode(', ', $tags)]);

        return (string) $footage->id;
    }

    private function face(Channel $channel, string $file): string
    {
        $called = $this->faceDesk->bring($channel, $file);

        return (string) Face::at($channel)->where('name', $called)->orderByDesc('id')->value('face');
    }

    /**
     * @param  array<array-key, mixed>  $written
     * @param  array<string, string>  $renamed
     * @return list<string>
     */
    private function take(Channel $channel, array $written, array $renamed): array
    {
        $this->registrar->forget();
        $registry = $this->registrar->of($channel);
        $values = new Values;
        $problems = [];
        foreach ($written as $key => $value) {
            if (! is_scalar($value) || in_array($key, self::OF_THIS_PLACE, true)) {
                continue;
            }
            try {
                $value = $renamed[(string) $value] ?? (string) $value;
                $read = $registry->read([(string) $key => $value], Level::Channel);
                $values = $values->with((string) $key, $read->own[(string) $key]);
            } catch (Refusal $problem) {
                $problems[] = $problem->getMessage();
            }
        }
        $split = $values->own['split'] ?? null;
        // How words are split changes shorts themselves: that is a step of its own.
        $kept = $channel->settings->own['split'] ?? null;
        $values = $kept === null ? $values->without('split') : $values->with('split', $kept);
        $this->edits->settings('brought a house style', [[$channel, $values]], [], static fn () => null);
        if ($split !== null && $split !== $kept) {
            $this->settings->set($channel->refresh(), Level::Channel, [$channel->id], 'split', (string) $split);
        }

        return $problems;
    }
}
