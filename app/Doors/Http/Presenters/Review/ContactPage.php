<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Review;

use App\Desks\Review\ContactEntry;
use App\Shelves\Models\Batch;

/** A contact sheet as it is drawn; measures in pixels. */
final readonly class ContactPage
{
    /** Of what one short takes */
    public const WIDTH = 560;

    public const HEIGHT = 424;

    public const EDGE = 40;

    public const HEAD = 110;

    public const PICTURE = [172, 306];

    private const LINE = 62;

    private const LINES = 2;

    public int $columns;

    /** @param  list<ContactEntry>  $entries */
    public function __construct(
        public Batch $batch,
        public array $entries,
    ) {
        // About as wide as it is high.
        $this->columns = max(1, (int) ceil(sqrt(count($entries) / 1.4)));
    }

    public function width(): int
    {
        return $this->columns * self::WIDTH + self::EDGE;
    }

    public function height(): int
    {
        return max(1, (int) ceil(count($this->entries) / $this->columns)) * self::HEIGHT + self::HEAD;
    }

    public function left(int $i): int
    {
        return self::EDGE + ($i % $this->columns) * self::WIDTH;
    }

    public function top(int $i): int
    {
        return self::HEAD + intdiv($i, $this->columns) * self::HEIGHT;
    }

    /** What speaks against a short, in a line. */
    public function says(ContactEntry $entry): string
    {
        return $entry->findings === [] ? 'nothing speaks against it' : implode(', ', $entry->findings);
    }

    /** @return list<string> its length and that, in as many lines as there is room for */
    public function lines(ContactEntry $entry): array
    {
        $lines = explode("\n", wordwrap("{$entry->length} · {$this->says($entry)}", self::LINE, "\n", true));
        $kept = array_slice($lines, 0, self::LINES);
        if (count($lines) > self::LINES) {
            $kept[self::LINES - 1] .= ' …';
        }

        return $kept;
    }
}
