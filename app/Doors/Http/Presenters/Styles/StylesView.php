<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Styles;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use App\Shelves\Models\Typeface;

final readonly class StylesView
{
    /**
     * @param  list<StyleCard>  $cards
     * @param  array<string, string>  $pictures  addresses by kind; none where no short has any
     * @param  list<Typeface>  $faces  that were brought
     * @param  array{top: float, right: float, bottom: float, left: float}  $safe
     */
    public function __construct(
        public Channel $channel,
        public ?Short $short,
        public array $cards,
        public array $pictures,
        public array $faces,
        public array $safe,
    ) {
    }
}
