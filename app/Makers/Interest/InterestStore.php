<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\Findings;
use App\Media\Store\KeyedLock;
use Closure;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/** Maps of interest, made once for what a file shows and kept by the hash of its content. */
final readonly class InterestStore
{
    public function __construct(
        private Findings $findings,
        private KeyedLock $locks,
        private Prober $prober,
        private InterestReader $reader,
    ) {
    }

    /** What was found before, if it was. */
    public function known(string $fingerprint): ?InterestMap
    {
        $found = $this->findings->known(Findings::INTEREST, $fingerprint);

        return $found === null ? null : InterestMap::fromArray($found);
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
                    $this->findings->keep(Findings::INTEREST, $fingerprint, $map->toArray());
                }

                return $map;
            },
        );
    }
}
