<?php

declare(strict_types=1);

namespace App\Media\Farm;

use App\Media\Depot\BucketDepot;
use App\Media\Depot\Depot;
use App\Media\Depot\FolderDepot;
use App\Media\Store\MediaStore;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;
use InvalidArgumentException;
use RapidReel\Base\Refusal;

/** Where the disk is that all machines see, as it is told by a word. */
final class Farm
{
    /** The disk of that name among the application's. */
    public const BUCKET = 's3';

    /** Of a machine. */
    private const NAME = '/^[A-Za-z0-9][A-Za-z0-9-]{0,39}$/D';

    /**
     * @param  string  $disk  "s3", or a folder
     * @param  MediaStore  $own  this machine's own
     *
     * @throws Refusal when there is no such folder
     */
    public static function depot(string $disk, string $machine, MediaStore $own): Depot
    {
        if ($disk === self::BUCKET) {
            return new BucketDepot(self::bucket(), $own);
        }
        if (! is_dir($disk)) {
            throw new Refusal("There is no folder $disk: it is to be the main machine’s media folder.");
        }

        return new FolderDepot(
            new MediaStore(Storage::build(['driver' => 'local', 'root' => $disk, 'throw' => true])), $machine,
        );
    }

    /** @throws Refusal */
    public static function name(string $written): string
    {
        if (preg_match(self::NAME, $written) !== 1 || $written === MakerReport::MAIN) {
            throw new Refusal(
                'A machine has a name of letters, digits and hyphens, up to 40, and “main” is taken: --name=attic',
            );
        }

        return $written;
    }

    /** @throws Refusal */
    private static function bucket(): Filesystem
    {
        try {
            return Storage::disk(self::BUCKET);
        } catch (InvalidArgumentException $problem) {
            throw new Refusal(
                'The bucket lacks its settings: REEL_S3_BUCKET, REEL_S3_ENDPOINT and the like, as docs/machines.md '
                    .'tells.',
                previous: $problem,
            );
        }
    }
}
