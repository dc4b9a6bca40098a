<?php

declare(strict_types=1);

namespace App\Media\Process;

use RapidReel\Making\Render\Progress;

/** Who wants to know how an export comes along, and may call it off. Asked often: answers quickly. */
interface Watcher
{
    public function progress(Progress $progress): void;

    /** Something was finished that need not be done again. */
    public function achieved(): void;

    public function isCancelled(): bool;
}
