<?php

declare(strict_types=1);

namespace App\Exporting;

use App\Media\MediaStore;
use App\Models\Short;
use App\Work\DiskRoom;
use RapidReel\Base\Refusal;
use RapidReel\Publish\Manifest;
use RuntimeException;
use ZipArchive;

/** Packs the latest finished exports of shorts into one ZIP, with a list of them. */
final readonly class ExportArchive
{
    public function __construct(
        private MediaStore $store,
        private DiskRoom $room,
    ) {
    }

    /**
     * @param  list<Short>  $shorts
     * @return string path of a ZIP that the caller deletes
     *
     * @throws Refusal when none is finished, or what was finished is gone from the disk
     */
    public function of(array $shorts): string
    {
        $gone = array_filter($shorts, fn (Short $short): bool => ! $this->isThere($short));
        if ($gone !== []) {
            throw new Refusal(sprintf(
                'Nothing was packed: the finished files of %s are not on the disk any more. Export %s again.',
                implode(', ', array_map(
                    static fn (Short $short): string => "“{$short->title}”",
                    array_slice($gone, 0, 5),
                ))
                    .(count($gone) > 5 ? sprintf(' and %d more', count($gone) - 5) : ''),
                count($gone) === 1 ? 'it' : 'them',
            ));
        }
        $this->room->ask($this->bytes($shorts));
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
        if (! @$zip->close()) {
            throw new RuntimeException('A ZIP could not be written: '.$zip->getStatusString());
        }

        return $path;
    }

    private function isThere(Short $short): bool
    {
        $export = $short->latestDone;
        if ($export === null || $export->name === null) {
            return true;
        }
        foreach (ExportedFiles::EXTENSIONS as $extension) {
            if (! is_file($this->store->path("{$export->folder()}/{$export->name}.$extension"))) {
                return false;
            }
        }

        return true;
    }

    /** @param  list<Short>  $shorts */
    private function bytes(array $shorts): int
    {
        return array_sum(array_map(static fn (Short $short): int => (int) $short->latestDone?->bytes, $shorts));
    }
}
