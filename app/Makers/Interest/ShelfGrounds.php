<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Ground\Work\HandedBack;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Matte\Grounds;
use RapidReel\Pictures\Matte\PlainGround;

/** The plain grounds of the footage at hand. */
final readonly class ShelfGrounds implements Grounds
{
    public function __construct(
        private Shelf $shelf,
        private GroundStore $store,
    ) {
    }

    /**
     * @throws HandedBack
     * @throws StrangePlace
     * @throws Refusal
     */
    public function of(string $footage, ?string $colour): ?PlainGround
    {
        $one = $this->shelf->footage[$footage] ?? null;
        $path = $this->shelf->footagePaths[$footage] ?? null;
        if ($one === null || $path === null || ! is_file($path)) {
            return null;
        }
        try {
            return $this->store->of($one->fingerprint, $path, $colour);
        } catch (ToolFailed|UnusableMedia) {
            // A render will say what is wrong with the file.
            return null;
        }
    }
}
