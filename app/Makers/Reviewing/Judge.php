<?php

declare(strict_types=1);

namespace App\Makers\Reviewing;

use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use Illuminate\Database\Eloquent\Collection;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Finding\Severities;

/** What was found in shorts, as it counts where they are: by what is set, and by what is ignored. */
final readonly class Judge
{
    public function __construct(
        private ShortReviews $reviews,
        private Resolver $resolver,
    ) {
    }

    /** @throws Refusal */
    public function of(Short $short): ReviewOf
    {
        return $this->all($short->batch, [$short])[$short->id];
    }

    /**
     * All shorts of a batch, without their plans, which are large.
     *
     * @param  list<string>  $with  what else is read of them
     * @return array<int, ReviewOf> by id
     *
     * @throws Refusal
     */
    public function batch(Batch $batch, array $with = []): array
    {
        return $this->all($batch, $batch->shorts()->with($with)->get([
            'id', 'batch_id', 'number', 'title', 'tags', 'settings', 'revision', 'inputs', 'planned_inputs', 'summary',
            'proof', 'review', 'problem', 'deleted_at',
        ])->all());
    }

    /**
     * @param  array<Short>  $shorts  of the batch
     * @return array<int, ReviewOf> by id
     *
     * @throws Refusal
     */
    public function all(Batch $batch, array $shorts): array
    {
        (new Collection($shorts))->loadMissing(['waivers', 'latestVerdict']);
        $found = $this->reviews->all($batch, $shorts);
        $all = [];
        foreach ($shorts as $short) {
            $all[$short->id] = ReviewOf::of(
                $short, $found[$short->id],
                Severities::read($this->resolver->short($short->setRelation('batch', $batch))->text('severities')),
            );
        }

        return $all;
    }

    /**
     * Why a short is not made for publishing as it is planned; null where nothing stops it.
     *
     * @throws Refusal
     */
    public function stopped(Short $short): ?string
    {
        $stops = $this->of($short)->stopping();

        return $stops === [] ? null : sprintf(
            '%s%s Mend it, or ignore it in the review.', $stops[0]->finding->message,
            count($stops) === 1 ? '' : sprintf(' (and %d more that stop it)', count($stops) - 1),
        );
    }
}
