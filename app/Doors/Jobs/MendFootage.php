<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Shelves\Library\MendDesk;
use Illuminate\Contracts\Queue\ShouldQueue;
use Throwable;

/** Makes the mended file of a clip. */
final class MendFootage implements Ordered, ShouldQueue
{
    use TakesFootage;

    public function handle(MendDesk $desk): void
    {
        $footage = $this->footage();
        if ($footage !== null) {
            $desk->mend($footage);
        }
    }

    public function about(): string
    {
        return "mend:{$this->footageId}";
    }

    public function failed(?Throwable $problem): void
    {
        app(MendDesk::class)->refuse(
            $this->footageId,
            'It could not be mended: it takes more than this machine has. The untouched clip is as it was.',
        );
    }
}
