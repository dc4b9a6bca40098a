<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeptFiles;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use Closure;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/** Maps of interest, made once for what a file shows and kept by the hash of its content. */
final readonly class InterestStore
{
    public function __construct(
        private MediaStore $store,
        private KeptFiles $kept,
        private KeyedLock $locks,
        private Prober $prober,
        private InterestReader $reader,
    ) {
    }

    /** What was found before, if it was. */
    public function known(string $fingerprint): ?InterestMap
    {
        $place = $this->place($fingerprint);

        return $this->kept->isRight($place) ? InterestMap::fromJson((string) file_get_contents($place)) : null;
    }

    /**
     * @param  string  $name  what the operator calls it
     * @param  Closure(float): void|null  $tell  told the part that is done
     *
     * @throws ToolFailed
     * @throws UnusableMedia
     */
    public function of(string $fingerprint, string $file, string $name, ?Closure $tell = null): InterestMap
    {
        return $this->known($fingerprint) ?? $this->locks->hold(
            "interest-$fingerprint",
            function () use ($fingerprint, $file, $name, $tell): InterestMap {
                $map = $this->known($fingerprint);
                if ($map === null) {
                    $map = $this->reader->read($file, $this->prober->glance($file, $name), $tell);
                    $folder = $this->store->workFolder();
                    try {
                        $this->store->write("$folder/map.json", $map->toJson());
                        $this->kept->put("$folder/map.json", $this->place($fingerprint));
                    } finally {
                        $this->store->discard($folder);
                    }
                }

                return $map;
            },
        );
    }

    private function place(string $fingerprint): string
    {
        return $this->store->keyed('interest', $fingerprint, 'json');
    }
}
