<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Schedule;

Schedule::command('reel:disk --order')->hourly();
// By the scheduler itself: a process of its own for each look, six a minute, would be most of what a machine does on
// which nothing is due.
Schedule::call(static fn (): int => Artisan::call('reel:due'))->name('reel:due')->everyTenSeconds()
    ->withoutOverlapping(5);
