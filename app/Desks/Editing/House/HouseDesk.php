<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Desks\Editing\Settler;
use App\Shelves\Models\Channel;
use Illuminate\Support\Facades\DB;

/** What a channel is called and how it speaks; shorts to which that makes a difference are planned anew. */
final readonly class HouseDesk
{
    /** Letters that each may have at the most, beside the name. */
    public const WORDS = [
        'style_words' => 400, 'forbidden' => 4_000, 'pronunciations' => 4_000, 'figures' => 8_000, 'views' => 400,
    ];

    public function __construct(private Settler $settler)
    {
    }

    /**
     * @param  non-empty-array<string, string>  $words  the name, and those of WORDS
     */
    public function describe(Channel $channel, array $words): int
    {
        return DB::transaction(function () use ($channel, $words): int {
            $channel->update($words);

            return $this->settler->inheriting($channel);
        });
    }
}
