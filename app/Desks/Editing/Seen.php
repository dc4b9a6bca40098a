<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Short;

/** Which state of a short whoever asks has before their eyes; nobody in particular where nothing was said. */
final class Seen
{
    private ?int $revision = null;

    public function at(?int $revision): void
    {
        $this->revision = $revision;
    }

    /** @throws Outdated when the short was changed since */
    public function check(Short $short): void
    {
        if ($this->revision !== null && $this->revision !== $short->revision) {
            throw Outdated::since($short, $this->revision);
        }
    }
}
