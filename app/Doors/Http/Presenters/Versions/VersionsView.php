<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Versions;

use App\Shelves\Models\Short;
use App\Shelves\Models\VersionOrder;

/** The versions of a short in other languages, as their page shows them. */
final readonly class VersionsView
{
    /**
     * @param  list<VersionCard>  $cards
     * @param  list<VersionOrder>  $orders  that wait, or went wrong
     * @param  array<string, string>  $offered  names of languages by their tags
     * @param  int  $chosen  id of the version that is looked at; 0 where there is none
     * @param  VersionSheet|null  $sheet  of that one; null where the list alone is asked for
     */
    public function __construct(
        public Short $short,
        public array $cards,
        public array $orders,
        public array $offered,
        public string $about,
        public int $chosen = 0,
        public ?VersionSheet $sheet = null,
    ) {
    }

    public function isWorking(): bool
    {
        foreach ($this->orders as $order) {
            if ($order->open) {
                return true;
            }
        }
        foreach ($this->cards as $card) {
            if (! $card->short->isPlanned() && $card->short->problem === null) {
                return true;
            }
        }

        return false;
    }

    public function lead(): string
    {
        $count = count($this->cards);

        return match ($count) {
            0 => 'The same pictures, with its own words, voice and times.',
            1 => 'One version beside the first.',
            default => "$count versions beside the first.",
        };
    }
}
