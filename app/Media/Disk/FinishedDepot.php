<?php

declare(strict_types=1);

namespace App\Media\Disk;

use App\Media\Depot\BucketDepot;
use App\Media\Depot\Depot;
use App\Media\Depot\FolderDepot;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use Illuminate\Contracts\Filesystem\Filesystem;
use RapidReel\Base\Refusal;
use RuntimeException;

/**
 * The other disk, where finished files are kept that are not needed every day: a folder, as of a disk over the network,
 * or a bucket. What is in a folder is read where it stands; what is in a bucket is fetched, and kept for a while.
 */
final readonly class FinishedDepot
{
    /** By it a folder is known: where a disk is not mounted, an empty folder of this machine stands in its place. */
    private const MARK = 'rapid-reel-finished.txt';

    private const MARKED = "Rapid Reel keeps finished files here. Leave this file: without it nobody reads them.\n";

    private KeptFiles $kept;

    private function __construct(
        private MediaStore $store,
        private ?Depot $depot,
        private ?MediaStore $folder,
        private string $told,
    ) {
        $this->kept = new KeptFiles($store);
    }

    /** None: all stays on the media disk. */
    public static function none(MediaStore $store): self
    {
        return new self($store, null, null, '');
    }

    public static function folder(MediaStore $store, MediaStore $folder): self
    {
        return new self($store, new FolderDepot($folder, 'main'), $folder, $folder->root());
    }

    /** A folder that is not there. */
    public static function away(MediaStore $store, string $folder): self
    {
        return new self($store, null, null, $folder);
    }

    public static function bucket(MediaStore $store, Filesystem $bucket): self
    {
        return new self($store, new BucketDepot($bucket, $store), null, 'the bucket');
    }

    public function isSet(): bool
    {
        return $this->told !== '';
    }

    /** Where it is, for operators. */
    public function told(): string
    {
        return $this->told;
    }

    /**
     * Why nothing can be moved there or read from there; empty where it can.
     *
     * @param  bool  $isBegun  whether something was moved there before
     */
    public function problem(bool $isBegun): string
    {
        if ($this->told === '') {
            return $isBegun ? 'The other disk for finished files is not set any more (REEL_FINISHED).' : '';
        }
        if ($this->depot === null || ($this->folder !== null && ! is_dir($this->folder->root()))) {
            return "The other disk for finished files is not there: {$this->told}.";
        }
        try {
            $isMarked = $this->depot->has(self::MARK);
        } catch (RuntimeException $problem) {
            return "The other disk for finished files, {$this->told}, cannot be asked: {$problem->getMessage()}";
        }

        return $isMarked || ! $isBegun ? ''
            : "What is at {$this->told} is not the disk that finished files were moved to. Is it mounted?";
    }

    /**
     * Puts a copy there, and reads it again: a copy that is not the same is none.
     *
     * @param  string  $seal  of the file
     *
     * @throws RuntimeException
     * @throws StrangePlace
     */
    public function send(string $file, string $name, string $seal): void
    {
        $depot = $this->depot();
        $depot->has(self::MARK) || $this->mark($depot);
        $depot->send($file, $name);
        $folder = $this->store->workFolder();
        try {
            $depot->fetch($name, "$folder/again");
            if (! KeptFiles::agrees("$folder/again", $seal)) {
                throw new RuntimeException("What came to {$this->told} is not what was sent, $name.");
            }
        } finally {
            $this->store->discard($folder);
        }
    }

    /**
     * A file of this machine, or of the folder, that can be read.
     *
     * @throws Refusal when the disk is not there
     * @throws StrangePlace
     */
    public function path(string $name, string $seal): ?string
    {
        $fetched = $this->store->keyed('fetched', KeptFiles::hashOf($seal), pathinfo($name, PATHINFO_EXTENSION));
        // What was fetched before needs nobody to be asked.
        if ($this->folder === null && $this->told !== '' && $this->kept->isRight($fetched)) {
            return $fetched;
        }
        $problem = $this->problem(true);
        if ($problem !== '') {
            throw new Refusal("$problem Nothing is lost: its files can be had as soon as it is there.");
        }
        if ($this->folder !== null) {
            $place = $this->folder->path($name);

            return KeptFiles::agrees($place, $seal) ? $place : null;
        }
        $folder = $this->store->workFolder();
        try {
            $this->depot()->fetch($name, "$folder/file");
            if (! KeptFiles::agrees("$folder/file", $seal)) {
                return null;
            }
            $this->kept->put("$folder/file", $fetched);
        } catch (RuntimeException $problem) {
            throw new Refusal(
                "A finished file could not be fetched from {$this->told}. Nothing is lost; try again in a moment.",
                previous: $problem,
            );
        } finally {
            $this->store->discard($folder);
        }

        return $fetched;
    }

    /** @throws StrangePlace */
    public function drop(string $name): void
    {
        $this->depot()->drop($name);
    }

    private function depot(): Depot
    {
        return $this->depot ?? throw new RuntimeException('There is no other disk for finished files.');
    }

    /** @throws StrangePlace */
    private function mark(Depot $depot): void
    {
        $folder = $this->store->workFolder();
        try {
            $this->store->write("$folder/mark", self::MARKED);
            $depot->send("$folder/mark", self::MARK);
        } finally {
            $this->store->discard($folder);
        }
    }
}
