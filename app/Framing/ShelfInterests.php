<?php

declare(strict_types=1);

namespace App\Framing;

use App\Library\Shelf;
use App\Media\ToolFailed;
use App\Media\UnusableMedia;
use RapidReel\Framing\Interest\InterestMap;
use RapidReel\Framing\Interest\Interests;

/** Where the interest of the footage at hand lies: looked for now where nobody has yet. */
final readonly class ShelfInterests implements Interests
{
    public function __construct(
        private Shelf $shelf,
        private InterestStore $store,
    ) {
    }

    public function of(string $footage): ?InterestMap
    {
        $one = $this->shelf->footage[$footage] ?? null;
        $path = $this->shelf->footagePaths[$footage] ?? null;
        if ($one === null || $path === null || ! is_file($path)) {
            return null;
        }
        try {
            return $this->store->of($one->fingerprint, $path, $this->shelf->name($footage));
        } catch (ToolFailed|UnusableMedia) {
            // A render will say what is wrong with the file; the middle of it is as good as anything until then.
            return null;
        }
    }
}
