<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\Channel;
use Illuminate\Support\Facades\DB;

/** What a channel is called and how it speaks; shorts to which that makes a difference are planned anew. */
final readonly class HouseDesk
{
    public function __construct(private Settler $settler)
    {
    }

    /**
     * @param  array{
     *     name: string, style_words: string, forbidden: string, pronunciations: string, figures: string, views: string
     * }  $words
     */
    public function describe(Channel $channel, array $words): int
    {
        return DB::transaction(function () use ($channel, $words): int {
            $channel->update($words);

            return $this->settler->inheriting($channel);
        });
    }
}
