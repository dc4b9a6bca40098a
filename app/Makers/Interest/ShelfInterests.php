<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Ground\Work\HandedBack;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Framing\Interest\InterestMap;
use RapidReel\Pictures\Framing\Interest\Interests;

/** Where the interest of the footage at hand lies: looked for now where nobody has yet, and read once. */
final class ShelfInterests implements Interests
{
    /** @var array<string, InterestMap|null> by id */
    private array $read = [];

    public function __construct(
        private readonly Shelf $shelf,
        private readonly InterestStore $store,
    ) {
    }

    /**
     * @throws HandedBack
     * @throws StrangePlace
     * @throws Refusal
     */
    public function of(string $footage): ?InterestMap
    {
        return array_key_exists($footage, $this->read)
            ? $this->read[$footage]
            : $this->read[$footage] = $this->look($footage);
    }

    /**
     * @throws HandedBack
     * @throws StrangePlace
     * @throws Refusal
     */
    private function look(string $footage): ?InterestMap
    {
        $one = $this->shelf->footage[$footage] ?? null;
        $path = $this->shelf->footagePaths[$footage] ?? null;
        if ($one === null || $path === null || ! is_file($path)) {
            return null;
        }
        try {
            return $this->store->of($one->fingerprint, $path);
        } catch (ToolFailed|UnusableMedia) {
            // A render will say what is wrong with the file; the middle of it is as good as anything until then.
            return null;
        }
    }
}
