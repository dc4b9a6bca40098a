<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;

/** Cells of the table of texts, written many at once: all of them, or none where one cannot be. */
final readonly class ListingCells
{
    public const FIELDS = ['title', 'description', 'tags', 'language'];

    private const MOST = 10_000;

    private const LONGEST = 20_000;

    public function __construct(
        private Outbox $outbox,
        private OutboxEdits $edits,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $cells  each {short, field, value}; null as a value is what is proposed
     * @return int how many were written
     *
     * @throws Refusal
     */
    public function write(Batch $batch, Outlet $outlet, array $cells): int
    {
        if (count($cells) > self::MOST) {
            throw new Refusal(sprintf('At most %s cells are written at once.', number_format(self::MOST)));
        }
        $shorts = $batch->shorts()->get()->keyBy('id');
        $byShort = [];
        foreach ($cells as $cell) {
            [$short, $field, $value] = self::read($cell);
            if (! $shorts->has($short)) {
                throw new Refusal('One of these shorts is not in this batch any more. Reload the page.');
            }
            $byShort[$short][$field] = $value;
        }

        $write = function () use ($shorts, $outlet, $byShort): int {
            $count = 0;
            foreach ($byShort as $id => $values) {
                $short = $shorts->get($id);
                if ($short instanceof Short) {
                    $this->put($this->outbox->post($short, $outlet), $values);
                    $count += count($values);
                }
            }

            return $count;
        };

        return $this->edits->change(
            $batch->channel, 'edited the texts of %s', array_values($shorts->all()), [$outlet], $write,
        );
    }

    /** @param  array<string, string|null>  $values */
    private function put(Post $post, array $values): void
    {
        $own = array_filter(
            [...$post->listing ?? [], ...$values], static fn (?string $value): bool => $value !== null,
        );
        $post->update(['listing' => $own === [] ? null : $own]);
    }

    /**
     * @return array{int, string, string|null}
     *
     * @throws Refusal
     */
    private static function read(mixed $cell): array
    {
        $short = is_array($cell) ? ($cell['short'] ?? null) : null;
        $field = is_array($cell) ? ($cell['field'] ?? null) : null;
        $value = is_array($cell) ? ($cell['value'] ?? null) : null;
        if (! is_int($short) || ! in_array($field, self::FIELDS, true) || ! (is_string($value) || $value === null)) {
            throw new Refusal('These are no cells of the table. Reload the page.');
        }
        if ($value !== null && mb_strlen($value) > self::LONGEST) {
            throw new Refusal(sprintf('A cell holds at most %s letters.', number_format(self::LONGEST)));
        }
        $plain = $value === null ? null : trim((string) preg_replace(
            '/[^\P{Cc}\n]+/u', ' ', str_replace(["\r\n", "\r"], "\n", mb_scrub($value)),
        ));

        return [$short, $field, $field === 'description' || $plain === null
            ? $plain
            : (string) preg_replace('/\s+/u', ' ', $plain)];
    }
}
