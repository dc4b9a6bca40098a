<?php

declare(strict_types=1);

namespace App\Makers\Reviewing;

use App\Media\Store\StrangePlace;
use App\Shelves\Levels\Resolver;
use App\Shelves\Likeness\LikenessBook;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Review\Check\Finding;
use RapidReel\Plan\Review\Check\Reviewed;
use RapidReel\Plan\Review\Check\ShortReview;
use RapidReel\Plan\Settings\SettingsReader;

/** What speaks against shorts as they are planned, found once and kept with them for as long as that holds. */
final readonly class ShortReviews
{
    public function __construct(
        private Observer $observer,
        private Resolver $resolver,
        private LikenessBook $likenesses,
    ) {
    }

    /**
     * @return list<Finding>|null null where it is not planned as it is now
     *
     * @throws Refusal
     * @throws StrangePlace
     */
    public function of(Short $short): ?array
    {
        return $this->all($short->batch, [$short])[$short->id];
    }

    /**
     * @param  array<Short>  $shorts  of the batch; they need not have their plans with them
     * @return array<int, list<Finding>|null> by id
     *
     * @throws Refusal
     * @throws StrangePlace
     */
    public function all(Batch $batch, array $shorts): array
    {
        $ids = array_values(array_map(static fn (Short $one): int => $one->id, $shorts));
        $alike = $this->likenesses->flags($ids, $batch->id);
        $read = Reading::query()->whereIn('short_id', $ids)->groupBy('short_id')
            ->selectRaw('short_id, max(updated_at) as at')->toBase()->pluck('at', 'short_id')->all();
        $found = [];
        foreach ($shorts as $short) {
            $found[$short->id] = $short->isPlanned()
                ? $this->one(
                    $short->setRelation('batch', $batch), $alike[$short->id] ?? null,
                    (string) ($read[$short->id] ?? ''),
                )
                : null;
        }

        return $found;
    }

    /**
     * @param  string  $read  when a reading of it was changed last
     * @return list<Finding>|null
     *
     * @throws Refusal
     * @throws StrangePlace
     */
    private function one(Short $short, ?Flag $alike, string $read): ?array
    {
        $forbidden = $this->resolver->short($short)->text('forbidden');
        $key = hash('xxh128', implode("\n", [
            ShortReview::VERSION, $short->planned_inputs, hash('xxh128', (string) $short->proof), $short->title,
            $short->tags, $forbidden, $alike->message ?? '',
            $read,
        ]));
        $kept = $short->review === null ? null : json_decode($short->review, true);
        if (is_array($kept) && ($kept['of'] ?? '') === $key && is_array($kept['findings'] ?? null)) {
            return array_values(array_map(Finding::fromArray(...), $kept['findings']));
        }
        $found = $this->look($short, $forbidden, $alike);
        if ($found !== null) {
            Short::query()->whereKey($short->id)->where('planned_inputs', $short->planned_inputs)->toBase()->update([
                'review' => json_encode([
                    'of' => $key,
                    'findings' => array_map(static fn (Finding $one): array => $one->toArray(), $found),
                ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            ]);
        }

        return $found;
    }

    /**
     * @return list<Finding>|null
     *
     * @throws Refusal
     * @throws StrangePlace
     */
    private function look(Short $short, string $forbidden, ?Flag $alike): ?array
    {
        // A list of many comes without their plans.
        $whole = Short::withTrashed()->with(['scenes.shots', 'readings'])->findOrFail($short->id);
        $whole->setRelation('batch', $short->batch);
        $cut = $whole->plannedCut();
        $summary = $whole->cutSummary();
        if ($cut === null || $summary === null) {
            return null;
        }
        $targets = SettingsReader::targets($this->resolver->short($whole));

        return ShortReview::of(new Reviewed(
            $cut->titled($whole->title),
            $summary,
            [$targets->main, ...$targets->more],
            $this->observer->of($whole, $cut, $alike === null ? [] : [$alike]),
            self::listed($whole->tags),
            self::listed($forbidden),
            $short->batch->channel->name,
        ));
    }

    /** @return list<string> what stands between commas */
    public static function listed(string $written): array
    {
        return array_values(array_filter(
            array_map(trim(...), preg_split('/[,;]/u', $written) ?: []), static fn (string $one): bool => $one !== '',
        ));
    }
}
