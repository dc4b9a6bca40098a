<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\PatternDesk;
use App\Desks\Translating\VersionBook;
use App\Doors\Http\Presenters\Axis;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\Settings\SettingGroup;
use App\Doors\Http\Presenters\ShortRow;
use App\Ground\Work\Line;
use App\Shelves\Levels\Resolver;
use App\Shelves\Likeness\LikenessBook;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Export;
use App\Shelves\Models\FileState;
use App\Shelves\Models\Short;
use Illuminate\Support\Carbon;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\PaceSettings;
use RapidReel\Plan\Settings\SettingsReader;

/** A batch as its page shows it. What a row needs is read; scripts and cuts stay in the database. */
final readonly class Rundown
{
    private const COLUMNS = [
        'id', 'batch_id', 'number', 'title', 'settings', 'inputs', 'planned_inputs', 'problem', 'summary', 'variant_of',
        'publish_at', 'updated_at', 'proof', 'version_of', 'language', 'behind',
    ];

    public function __construct(
        private LikenessBook $likenesses,
        private EditBook $edits,
        private Resolver $resolver,
    ) {
    }

    public function page(Batch $batch): RundownPage
    {
        $channel = $this->resolver->channel($batch->channel);
        $here = $this->resolver->batch($batch);

        return new RundownPage(
            $batch,
            SettingGroup::bySection($channel->registry->shown(Level::Short)),
            ScopeControl::all(
                Level::Batch, $here, $channel, $batch->channel_id, $batch->id, 'the batch', PaceSettings::LIMITS,
            ),
            PatternDesk::of($batch->channel),
        );
    }

    /** @param  Carbon|null  $since  with it, only rows that changed since then */
    public function of(Batch $batch, ?Carbon $since = null): RundownView
    {
        $shorts = $batch->shorts()->with(['latestExport', 'latestDone', 'latestFinal', 'otherExports'])
            ->withCount('scenes')->get(self::COLUMNS);
        // Versions stand under what they are versions of.
        $numbers = $shorts->pluck('number', 'id')->all();
        $shorts = $shorts->sortBy(static fn (Short $short): array => [
            $numbers[$short->version_of ?? $short->id] ?? $short->number,
            $short->version_of === null ? '' : $short->language,
        ])->values();
        $ids = array_values(array_map(intval(...), $shorts->modelKeys()));
        $flags = $this->likenesses->flags($ids, $batch->id);
        $axis = Axis::over(
            array_values(array_filter($shorts->map(static fn (Short $short) => $short->cutSummary())->all())),
        );
        $names = $shorts
            ->mapWithKeys(static fn (Short $short): array => [$short->id => sprintf(
                '%02d', $numbers[$short->version_of ?? $short->id] ?? $short->number,
            )])
            ->all();
        $settled = $this->resolver->batch($batch);
        $rows = [];
        $line = new Line;
        foreach ($shorts as $short) {
            $own = $settled->and(Level::Short, $short->settings);
            $rows[$short->id] = ShortRow::of(
                $short,
                $axis,
                isset($flags[$short->id]) ? [$flags[$short->id]] : [],
                [
                    'voice' => $own->registry->get('voice')->type->says($own->text('voice')),
                    'beside' => $short->variant_of === null ? ''
                        : ($names[$short->variant_of] ?? 'one that is deleted'),
                    'number' => $names[$short->id],
                    'language' => $short->version_of === null ? '' : VersionBook::called($short->language),
                ],
                $line,
                SettingsReader::targets($own)->more,
            );
        }

        return new RundownView(
            $since === null
                ? $rows
                : array_filter($rows, static fn (ShortRow $row): bool => self::isChanged($row, $since)),
            $ids,
            $axis,
            self::counts($rows),
            PageState::of(
                $batch,
                $this->edits,
                array_filter($rows, static fn (ShortRow $row): bool => $row->isWorking) !== [],
            ),
        );
    }

    /**
     * @param  array<ShortRow>  $rows
     * @return array<string, int> rows in each group
     */
    private static function counts(array $rows): array
    {
        $counts = array_fill_keys(
            ['flagged', 'over', 'late', 'open', 'ready', 'failed', 'downloadable', 'unfinished'],
            0,
        );
        foreach ($rows as $row) {
            foreach ($row->groups() as $group) {
                $counts[$group]++;
            }
            $counts['downloadable'] += $row->leaves() === FileState::Final->value ? 1 : 0;
            $counts['unfinished'] += $row->isFinished() ? 0 : 1;
        }

        return $counts;
    }

    private static function isChanged(ShortRow $row, Carbon $since): bool
    {
        return $row->isWorking ||
            $row->short->updated_at >= $since ||
            array_filter(
                [$row->export(), $row->done(), ...$row->short->otherExports],
                static fn (?Export $export): bool => $export !== null && $export->updated_at >= $since,
            ) !== [];
    }
}
