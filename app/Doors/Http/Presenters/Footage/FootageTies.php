<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Footage;

/** What hangs on the footage that is shown. */
final readonly class FootageTies
{
    /**
     * @param  array<int, array<int, string>>  $used  titles of shorts by id, by footage
     * @param  array<int, string>  $near  names of what others are nearly the same as, by id
     */
    public function __construct(
        public array $used,
        public array $near,
    ) {
    }
}
