<?php

declare(strict_types=1);

return [
    App\Doors\Providers\ReelServiceProvider::class,
];
