<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use Illuminate\Database\Eloquent\Builder;
use RapidReel\Pictures\Footage\FootageKind;

/** What of a library is looked for. */
final readonly class LibraryFilter
{
    public const SHAPES = ['upright' => 'upright', 'square' => 'square', 'wide' => 'wide'];

    public const LENGTHS = ['short' => 'under 3 s', 'middle' => '3 to 8 s', 'long' => 'over 8 s'];

    public const USES = ['never' => 'never used', 'used' => 'used'];

    public function __construct(
        public string $words = '',
        public string $kind = '',
        public string $shape = '',
        public string $length = '',
        public string $collection = '',
        public string $use = '',
    ) {
    }

    /** @return Builder<Footage> */
    public function of(Channel $channel): Builder
    {
        $query = Footage::search($channel, $this->words);
        $kind = FootageKind::tryFrom($this->kind);
        if ($kind !== null) {
            $query->where('kind', $kind);
        }
        match ($this->shape) {
            'upright' => $query->whereRaw('height > width * 1.05'),
            'wide' => $query->whereRaw('width > height * 1.05'),
            'square' => $query->whereRaw('width <= height * 1.05 and height <= width * 1.05'),
            default => null,
        };
        match ($this->length) {
            'short' => $query->where('kind', FootageKind::Clip)->where('duration_ms', '<', 3_000),
            'middle' => $query->where('kind', FootageKind::Clip)->whereBetween('duration_ms', [3_000, 8_000]),
            'long' => $query->where('kind', FootageKind::Clip)->where('duration_ms', '>', 8_000),
            default => null,
        };
        if ($this->collection !== '') {
            $query->where('collection', $this->collection);
        }
        match ($this->use) {
            'never' => $query->whereDoesntHave('shots'),
            'used' => $query->whereHas('shots'),
            default => null,
        };

        return $query;
    }

    public function isPlain(): bool
    {
        return $this->words.$this->kind.$this->shape.$this->length.$this->collection.$this->use === '';
    }
}
