<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Media\Artwork\CubeShelf;
use App\Media\Artwork\TypefaceBook;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\ChosenFootage;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Typeface;
use ZipArchive;

/** Writes a house style as one file: a ZIP with house.json, and the logos, faces, tables and footage that it names. */
final readonly class HousePacker
{
    /** Before its number in the file, so that it is not taken for another value. */
    private const NUMBER = 'footage-';

    public function __construct(
        private MediaStore $store,
        private TypefaceBook $faces,
        private CubeShelf $cubes,
    ) {
    }

    /**
     * @return string path of a ZIP that the caller deletes
     *
     * @throws StrangePlace
     */
    public function pack(Channel $channel): string
    {
        $zip = new ZipArchive;
        $path = $this->store->workFolder().'/house.zip';
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $own = array_diff_key($channel->settings->own, array_flip(HouseFile::OF_THIS_PLACE));
        $house = [
            'kind' => HouseFile::KIND, 'version' => HouseFile::VERSION, 'settings' => $own, 'words' => [],
            'files' => [],
        ];
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
        foreach (Typeface::at($channel)->get() as $face) {
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
            [...$house, 'settings' => (object) $house['settings']],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ));
        $zip->close();

        return $path;
    }
}
