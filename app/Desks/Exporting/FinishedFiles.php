<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Media\Disk\FinishedDepot;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Export;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;

/** Files of finished exports, wherever they are kept by now. */
final readonly class FinishedFiles
{
    public function __construct(
        private MediaStore $store,
        private FinishedDepot $other,
    ) {
    }

    /**
     * One of its files, whole, as it was made.
     *
     * @param  string  $which  an extension, or the name of a file
     *
     * @throws Refusal where it is not what it was, or stands on a disk that is not there
     * @throws StrangePlace
     */
    public function path(Export $export, string $which): string
    {
        return $this->find($export, $which) ?? throw self::gone([$export->short]);
    }

    /**
     * The same, or null where it is not what it was.
     *
     * @throws Refusal where it stands on a disk that is not there
     * @throws StrangePlace
     */
    public function find(Export $export, string $which): ?string
    {
        $seal = $export->seals[$which] ?? null;
        if ($export->moved_to !== null && $which !== ExportedFiles::POSTER) {
            return $this->other->path($export->movedFile($which), (string) $seal);
        }
        $path = $this->store->path($export->file($which));

        return KeptFiles::agrees($path, $seal) ? $path : null;
    }

    /**
     * Files that were finished are not what they were.
     *
     * @param  non-empty-list<Short>  $shorts
     */
    public static function gone(array $shorts): Refusal
    {
        return new Refusal(sprintf(
            'Nothing was downloaded: the finished files of %s were changed, damaged or deleted on the disk since '
                .'they were made. Export %s again.',
            implode(', ', array_map(
                static fn (Short $short): string => "“{$short->title}”",
                array_slice($shorts, 0, 5),
            ))
                .(count($shorts) > 5 ? sprintf(' and %d more', count($shorts) - 5) : ''),
            count($shorts) === 1 ? 'it' : 'them',
        ));
    }
}
