<?php

declare(strict_types=1);

namespace App\Desks\Results;

use App\Desks\Outbox\Outbox;
use App\Desks\Outbox\ShortTraits;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;

/** Shorts in the order in which they are likely to be watched, by what their channel's results say. */
final readonly class BestFirst
{
    public function __construct(
        private ChannelResults $results,
        private ShortTraits $traits,
        private Outbox $outbox,
    ) {
    }

    /**
     * @param  list<Short>  $shorts
     * @return list<Short>
     *
     * @throws Refusal
     */
    public function of(Channel $channel, array $shorts): array
    {
        $works = $this->results->works($this->results->posts($channel));
        $clock = $this->outbox->clock($channel);
        $expected = array_map(
            fn (Short $short): float => $works->expected($this->traits->of($short, $clock, null)), $shorts,
        );
        // Those of which nothing is known keep their order.
        array_multisort($expected, SORT_DESC, array_keys($shorts), SORT_ASC, $shorts);

        return array_values($shorts);
    }
}
