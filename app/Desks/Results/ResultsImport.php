<?php

declare(strict_types=1);

namespace App\Desks\Results;

use App\Shelves\Models\Channel;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Post;
use App\Shelves\Models\PostState;
use App\Shelves\Models\ResultForm;
use RapidReel\Base\Csv;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Results\ResultsField;
use RapidReel\Making\Publish\Results\ResultsRow;
use RapidReel\Making\Publish\Results\ResultsTable;
use RapidReel\Text\Arrival\TextEncoding;

/** Results out of a table: its columns are said once, and known again in the next. */
final readonly class ResultsImport
{
    public const MOST_BYTES = 20_000_000;

    /** @throws Refusal where it is no table */
    public function table(string $bytes): ResultsTable
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw new Refusal('A table of results has at most 20 MB.');
        }

        return ResultsTable::of(Csv::rows(
            TextEncoding::toUtf8($bytes) ?? throw new Refusal('This file is not a table as text. Save it as CSV.'),
        ));
    }

    /** @return array<int, ResultsField> by column: as it was said for such a table before, else as its heads say */
    public function columns(Channel $channel, ResultsTable $table): array
    {
        $known = $channel->its(ResultForm::class)->where('form', $table->form())->first();

        return $known === null ? $table->guessed() : array_filter(array_map(
            static fn (string $field): ?ResultsField => ResultsField::tryFrom($field), $known->columns,
        ));
    }

    /**
     * @param  array<int, ResultsField>  $columns
     * @param  Outlet|null  $outlet  that it is of; null for any of the channel
     *
     * @throws Refusal where nothing of it can be used as these columns say
     */
    public function take(Channel $channel, ResultsTable $table, array $columns, ?Outlet $outlet): ImportReport
    {
        $rows = $table->read($columns, now()->getTimestamp());
        $channel->its(ResultForm::class)->updateOrCreate(['form' => $table->form()], [
            'columns' => array_map(static fn (ResultsField $field): string => $field->value, $columns),
        ]);
        $posts = new KnownPosts(Post::query()->where('state', PostState::Posted)
            ->whereIn('outlet_id', $outlet !== null ? [$outlet->id] : $channel->its(Outlet::class)->select('id'))
            ->with('short')->orderBy('posted_at')->get());
        $kept = $unknown = $wrong = [];
        foreach ($rows as $row) {
            $post = $row->point === null ? null : $posts->of($row);
            match (true) {
                $row->point === null => $wrong[] = "Line $row->line: $row->problem",
                $post === null => $unknown[] = sprintf('Line %d: %s', $row->line, self::called($row)),
                default => $kept["$post->id-{$row->point->at}"] = ResultsDesk::row(
                    $post->id, $row->point, ResultsDesk::TABLE,
                ),
            };
        }
        ResultsDesk::keep(array_values($kept));

        return new ImportReport(count($kept), $unknown, $wrong);
    }

    private static function called(ResultsRow $row): string
    {
        return mb_strimwidth($row->title ?: ($row->id ?: $row->address), 0, 60, '…');
    }
}
