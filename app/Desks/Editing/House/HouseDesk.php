<?php

declare(strict_types=1);

namespace App\Desks\Editing\House;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\EditStates;
use App\Desks\Editing\Settler;
use App\Shelves\Models\Channel;
use App\Shelves\Models\EditPart;
use Illuminate\Support\Facades\DB;

/** What a channel is called and how it speaks; shorts to which that makes a difference are planned anew. */
final readonly class HouseDesk
{
    /** Letters that each may have at the most, beside the name. */
    public const WORDS = [
        'style_words' => 400, 'forbidden' => 4_000, 'pronunciations' => 4_000, 'figures' => 8_000, 'views' => 400,
    ];

    public function __construct(
        private Settler $settler,
        private EditBook $edits,
    ) {
    }

    /**
     * @param  non-empty-array<string, string>  $words  the name, and those of WORDS
     */
    public function describe(Channel $channel, array $words): int
    {
        return DB::transaction(function () use ($channel, $words): int {
            $before = EditStates::words($channel);
            $channel->update($words);
            $changed = array_intersect_key(EditStates::WORDS, $channel->getChanges());
            if ($changed !== []) {
                $this->edits->note($channel, EditPart::Words, 'changed '.implode(', ', $changed), $before);
            }

            return $this->settler->inheriting($channel);
        });
    }
}
