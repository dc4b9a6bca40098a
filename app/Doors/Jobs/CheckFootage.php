<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Shelves\Library\FootageCheck;
use Illuminate\Contracts\Queue\ShouldQueue;
use Throwable;

/** Looks through a large clip that was brought in. */
final class CheckFootage implements Ordered, ShouldQueue
{
    use TakesFootage;

    public function handle(FootageCheck $check): void
    {
        $footage = $this->footage();
        if ($footage !== null) {
            $check->check($footage);
        }
    }

    public function about(): string
    {
        return "footage:{$this->footageId}";
    }

    public function failed(?Throwable $problem): void
    {
        app(FootageCheck::class)->refuse(
            $this->footageId,
            'It could not be looked through: the workers stopped over it many times. Its file is kept; have it looked '
                .'through again, or bring a smaller one.',
            isVerdict: false,
        );
    }
}
