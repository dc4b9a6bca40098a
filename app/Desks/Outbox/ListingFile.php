<?php

declare(strict_types=1);

namespace App\Desks\Outbox;

use App\Shelves\Models\Batch;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\Short;
use RapidReel\Base\Csv;
use RapidReel\Base\Refusal;
use RapidReel\Text\Arrival\TextEncoding;

/** The table of texts of a batch as CSV, out and in. */
final readonly class ListingFile
{
    private const HEADS = ['id', 'short', ...ListingCells::FIELDS, 'when'];

    public function __construct(
        private Listings $listings,
        private ListingCells $cells,
        private Outbox $outbox,
        private OutboxEdits $edits,
    ) {
    }

    /** @throws Refusal */
    public function written(Batch $batch, Outlet $outlet): string
    {
        $posts = self::posts($batch, $outlet);

        return Csv::write([self::HEADS, ...array_map(function (Short $short) use ($batch, $outlet, $posts): array {
            $post = $posts[$short->id] ?? null;
            $texts = $this->listings->of($short->setRelation('batch', $batch), $outlet, $post)->toArray();

            return [
                "short-$short->id", $short->title, ...array_map(
                    static fn (string $field): string => $texts[$field] ?? '', ListingCells::FIELDS,
                ), $post->local ?? '',
            ];
        }, array_values($batch->shorts()->with(['scenes', 'notes'])->get()->all()))]);
    }

    /**
     * What is other in a table than it is here is taken from there; what is missing in it stays.
     *
     * @return string what came of it
     *
     * @throws Refusal
     */
    public function taken(Batch $batch, Outlet $outlet, string $bytes): string
    {
        $rows = Csv::rows(TextEncoding::toUtf8($bytes) ?? throw new Refusal('This file is not a table as text.'));
        $heads = array_map(static fn (string $head): string => mb_strtolower(trim($head)), array_shift($rows) ?? []);
        $column = array_flip($heads);
        if (! isset($column['id'])) {
            throw new Refusal('A column “id” is missing, by which the shorts are known. Export the table first.');
        }
        $shorts = $batch->shorts()->with(['scenes', 'notes'])->get()
            ->keyBy(static fn (Short $one): string => "short-$one->id");
        $posts = self::posts($batch, $outlet);
        $cells = $moves = $unknown = [];
        foreach ($rows as $row) {
            $id = trim($row[$column['id']] ?? '');
            $short = $shorts->get($id);
            if (! $short instanceof Short) {
                $unknown[] = $id;

                continue;
            }
            $post = $posts[$short->id] ?? null;
            $now = $this->listings->of($short->setRelation('batch', $batch), $outlet, $post)->toArray();
            foreach (ListingCells::FIELDS as $field) {
                // What a spreadsheet would have run as a formula comes back as it was.
                $value = preg_replace('/^\'(?=[=+\-@])/', '', $row[$column[$field] ?? -1] ?? $now[$field] ?? '');
                if (trim((string) $value) !== trim($now[$field] ?? '')) {
                    $cells[] = ['short' => $short->id, 'field' => $field, 'value' => (string) $value];
                }
            }
            $when = trim($row[$column['when'] ?? -1] ?? '');
            if ($when !== '' && $when !== ($post->local ?? '')) {
                $moves[] = [$short, $when];
            }
        }
        $write = function () use ($batch, $outlet, $cells, $moves): int {
            foreach ($moves as [$short, $when]) {
                $post = $this->outbox->post($short, $outlet);
                $this->outbox->move($post->setRelation('outlet', $outlet)->setRelation('short', $short), $when);
            }

            return $this->cells->write($batch, $outlet, $cells);
        };
        $count = $this->edits->change(
            $batch->channel, 'imported a table for %s', array_values($shorts->all()), [$outlet], $write,
        );

        $unknown = count(array_filter($unknown));

        return sprintf(
            'Imported from the table: %d %s and %d %s.',
            $count, $count === 1 ? 'cell' : 'cells', count($moves), count($moves) === 1 ? 'hour' : 'hours',
        ).match ($unknown) {
            0 => '',
            1 => ' 1 row is of no short of this batch.',
            default => " $unknown rows are of no short of this batch.",
        };
    }

    /** @return array<int, Post> the last of each short at an outlet, by the short's id */
    public static function posts(Batch $batch, Outlet $outlet): array
    {
        return Post::query()->where('outlet_id', $outlet->id)->whereIn('short_id', $batch->shorts()->select('id'))
            ->orderBy('round')->get()->keyBy('short_id')->all();
    }
}
