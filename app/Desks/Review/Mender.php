<?php

declare(strict_types=1);

namespace App\Desks\Review;

use App\Desks\Editing\EditBook;
use App\Ground\Work\HandedBack;
use App\Makers\Reviewing\Judge;
use App\Makers\Reviewing\JudgedFinding;
use App\Makers\Reviewing\ReviewOf;
use App\Media\Process\ToolFailed;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;

/** Mends what findings have a mend for: one of them, or all of many shorts as one step. */
final readonly class Mender
{
    public function __construct(
        private Judge $reviews,
        private EditBook $edits,
        private Mending $mending,
    ) {
    }

    /**
     * What a mend would change, in words.
     *
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function preview(Short $short, string $key): string
    {
        return $this->mending->says($short, $this->one($short, $key));
    }

    /**
     * @return string what was done
     *
     * @throws Refusal when it cannot be mended so
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function mend(Short $short, string $key): string
    {
        $one = $this->one($short, $key);
        $label = lcfirst($one->finding->mend->label ?? '');
        $this->edits->change($short->batch, $label, [$short], function (Short $short) use ($one): void {
            $left = $this->mending->all($short, [$one]);
            if ($left !== []) {
                throw new Refusal(reset($left));
            }
        });

        return ucfirst($label).'.';
    }

    /**
     * @param  list<Short>  $shorts  of the batch
     * @return string what was mended and what remains
     *
     * @throws Refusal where there is nothing to mend
     */
    public function mendAll(Batch $batch, array $shorts): string
    {
        $reviews = $this->reviews->all($batch, $shorts);
        $mended = $remaining = [];
        $changed = $this->edits->change($batch, 'mended what can be mended', $shorts, function (Short $short) use (
            $reviews,
            &$mended,
            &$remaining,
        ): void {
            $review = $reviews[$short->id];
            $left = $this->mending->all($short, $review->mendable());
            foreach ($review->shown ?? [] as $i => $one) {
                if (! $one->counts()) {
                    continue;
                }
                $label = $one->finding->kind->label();
                if ($one->finding->mend === null || isset($left[spl_object_id($one)])) {
                    $remaining[$label] = ($remaining[$label] ?? 0) + 1;
                } else {
                    $mended[$label] = ($mended[$label] ?? 0) + 1;
                }
            }
        });
        $waiting = count(array_filter($reviews, static fn (ReviewOf $one): bool => $one->shown === null));
        $said = $changed === []
            ? 'Nothing here can be mended by itself.'
            : sprintf(
                'Mended %s in %s: %s.', self::count(array_sum($mended), 'finding'),
                self::count(count($changed), 'short'),
                self::listed($mended),
            );

        return $said
            .($remaining === [] ? '' : ' For you remain '.self::listed($remaining).'.')
            .($waiting === 0 ? '' : ' '.self::count($waiting, 'short').' still being planned: not looked at.');
    }

    /** @throws Refusal */
    private function one(Short $short, string $key): JudgedFinding
    {
        foreach ($this->reviews->of($short)->shown ?? [] as $one) {
            if ($one->finding->key() === $key) {
                return $one->finding->mend !== null
                    ? $one
                    : throw new Refusal('There is no mend for this that works by itself.');
            }
        }

        throw new Refusal('This finding is no longer there. Reload the page.');
    }

    /** @param  array<string, int>  $counts */
    private static function listed(array $counts): string
    {
        arsort($counts);

        return implode(', ', array_map(
            static fn (string $label, int $count): string => $count === 1 ? $label : "$label × $count",
            array_keys($counts), $counts,
        ));
    }

    private static function count(int $count, string $what): string
    {
        return $count === 1 ? "1 $what" : number_format($count)." {$what}s";
    }
}
