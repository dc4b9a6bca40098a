<?php

declare(strict_types=1);

namespace App\Media\Process;

use RapidReel\Making\Render\Progress;

final class Unwatched implements Watcher
{
    public function progress(Progress $progress): void
    {
    }

    public function achieved(): void
    {
    }

    public function isCancelled(): bool
    {
        return false;
    }
}
