<?php

declare(strict_types=1);

namespace App\Exporting;

use App\Media\MediaStore;
use App\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Publish\Manifest;
use ZipArchive;

/** Packs the latest finished exports of shorts into one ZIP, with a list of them. */
final readonly class ExportArchive
{
    public function __construct(private MediaStore $store)
    {
    }

    /**
     * @param  list<Short>  $shorts
     * @return string path of a ZIP that the caller deletes
     *
     * @throws Refusal when none is finished
     */
    public function of(array $shorts): string
    {
        $zip = new ZipArchive;
        $path = $this->store->workFolder().'/batch.zip';
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $listed = [];
        foreach ($shorts as $short) {
            $export = $short->latestDone;
            if ($export === null || $export->name === null) {
                continue;
            }
            foreach (ExportedFiles::EXTENSIONS as $extension) {
                $name = "{$export->name}.$extension";
                $zip->addFile($this->store->path("{$export->folder()}/$name"), $name);
                // Video does not shrink; packing it would only take time.
                $zip->setCompressionName($name, $extension === 'mp4' ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE);
            }
            // What its own time knew of it, whatever can be read now.
            $listed[] = $export->listing ?? ["{$export->name}.mp4", $short->title];
        }
        if ($listed === []) {
            throw new Refusal('None of these shorts is exported yet. Export them first.');
        }
        $zip->addFromString('manifest.csv', Manifest::csv($listed));
        $zip->close();

        return $path;
    }
}
