<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Ground\Work\HandedBack;
use App\Media\Making\Maker;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Making\Order\Analysis;
use RapidReel\Pictures\Framing\Interest\InterestMap;

/** Maps of interest, ordered once for what a file shows and kept by the hash of its content. */
final readonly class InterestStore
{
    public function __construct(
        private Originals $originals,
        private Maker $maker,
    ) {
    }

    /** What was found before, if it was. */
    public function known(string $fingerprint): ?InterestMap
    {
        $order = Analysis::interest($fingerprint);
        $found = $this->maker->isThere($order)
            ? json_decode((string) file_get_contents($this->maker->file($order)), true)
            : null;

        return is_array($found) ? InterestMap::fromArray($found) : null;
    }

    /**
     * @param  Closure(float): void|null  $tell  told the part that is done
     *
     * @throws ToolFailed
     * @throws UnusableMedia
     * @throws HandedBack
     * @throws StrangePlace
     * @throws Refusal
     */
    public function of(string $fingerprint, string $file, ?Closure $tell = null): InterestMap
    {
        $known = $this->known($fingerprint);
        if ($known !== null) {
            return $known;
        }
        $this->originals->lay($fingerprint, $file);
        $this->maker->make(
            [Analysis::interest($fingerprint)],
            $tell === null ? null : static fn (int $hundredths) => $tell($hundredths / 100),
        );

        return $this->known($fingerprint) ?? throw ToolFailed::leftNothing('Looking at the pictures');
    }
}
