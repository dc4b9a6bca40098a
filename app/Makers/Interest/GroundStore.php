<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Ground\Work\HandedBack;
use App\Media\Making\Maker;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\Originals;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Refusal;
use RapidReel\Making\Order\Analysis;
use RapidReel\Pictures\Matte\PlainGround;

/** The plain ground of footage, looked for once and kept by the hash of its content. */
final readonly class GroundStore
{
    public function __construct(
        private Originals $originals,
        private Maker $maker,
    ) {
    }

    /**
     * @param  string|null  $colour  of the ground, as RRGGBB; null where it is to be found
     * @return PlainGround|null null where it has none
     *
     * @throws ToolFailed
     * @throws UnusableMedia
     * @throws HandedBack
     * @throws StrangePlace
     * @throws Refusal
     */
    public function of(string $fingerprint, string $file, ?string $colour): ?PlainGround
    {
        $order = Analysis::ground($fingerprint, $colour);
        if (! $this->maker->isThere($order)) {
            $this->originals->lay($fingerprint, $file);
            $this->maker->make([$order]);
        }
        /** @var array{
         *     colours: non-empty-list<array{int, int, int}>, subject: list<array{int, int, int}>, noise: int
         * }|array{} $found
         */
        $found = json_decode((string) file_get_contents($this->maker->file($order)), true, 16, JSON_THROW_ON_ERROR);

        return $found === [] ? null : PlainGround::fromArray($found);
    }
}
