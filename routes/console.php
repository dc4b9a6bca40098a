<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

Schedule::command('reel:disk --order')->hourly();
Schedule::command('reel:due')->everyTenSeconds()->withoutOverlapping(5);
