<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Desks\Exporting\ExportDesk;
use App\Makers\Planning\LengthDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;

/** Acts on several shorts of a batch at once; each act is one change that can be undone. */
final readonly class BulkDesk
{
    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private LengthDesk $lengths,
        private ExportDesk $exports,
        private ScriptEditor $scripts,
    ) {
    }

    /**
     * @param  list<Short>  $shorts
     * @param  int|null  $sentences  so many of those that could go; null for as many as it takes
     *
     * @throws Refusal
     */
    public function trim(Batch $batch, array $shorts, ?int $sentences = null): string
    {
        $stillOver = [];
        $changed = $this->edits->change($batch, 'trimmed to length', $shorts, function (Short $short) use (
            &$stillOver,
            $sentences,
        ): void {
            $plan = $this->lengths->plan($short, $sentences ?? PHP_INT_MAX);
            if (! $plan->fits && $sentences === null) {
                $stillOver[] = sprintf('%02d', $short->number);
            }
            if ($plan->steps !== []) {
                $this->writer->write($short, $short->manuscript()->left($plan->scenes));
            }
        });

        return Done::to(count($changed), 'trimmed to length').
            ($stillOver === []
                ? ''
                : ' Still too long: '.implode(', ', $stillOver).', whose hook and close alone go over the limit.');
    }

    /**
     * What was proposed is found anew; what was chosen stays.
     *
     * @param  list<Short>  $shorts
     *
     * @throws Refusal
     */
    public function match(Batch $batch, array $shorts): string
    {
        $changed = $this->edits->change($batch, 'matched pictures again', $shorts, function (Short $short): void {
            $now = $short->manuscript();
            foreach ($now->scenes as $at => $scene) {
                $now = $now->withOwn($at, $scene->own->unproposed());
            }
            $this->writer->write($short, $now);
            $short->shown_before = null;
        });

        return Done::to(count($changed), 'matched pictures again');
    }

    /**
     * @param  list<Short>  $shorts
     *
     * @throws Refusal
     */
    public function copy(Batch $batch, array $shorts): string
    {
        $this->writer->checkRoom($batch, count($shorts));
        $this->edits->add(
            $batch,
            'copied',
            fn (): array => array_map(
                fn (Short $short): Short => $this->writer->copy($short, $short->manuscript()),
                $shorts,
            ),
        );

        return Done::to(count($shorts), 'copied');
    }

    /**
     * A short of its own for each hook that is kept to be tried.
     *
     * @param  list<Short>  $shorts
     *
     * @throws Refusal where there is none, or too many
     */
    public function hooks(Batch $batch, array $shorts): string
    {
        $hooks = [];
        foreach ($shorts as $short) {
            foreach ($short->hooks as $hook) {
                $hooks[] = [$short, $hook->text];
            }
        }
        if ($hooks === []) {
            throw new Refusal('No hooks are kept to be tried. Open a row and keep some first.');
        }

        $made = count($this->scripts->shortsOf($batch, $hooks));

        return $made === 1 ? '1 short made of a kept hook.' : "$made shorts made, one of each kept hook.";
    }

    /**
     * @param  list<Short>  $shorts
     *
     * @throws Refusal
     */
    public function delete(Batch $batch, array $shorts): string
    {
        foreach ($shorts as $short) {
            foreach ($short->exports as $export) {
                $this->exports->cancel($export);
            }
        }
        $this->edits->change($batch, 'deleted', $shorts, static function (Short $short): void {
            $short->delete();
        });

        return Done::to(count($shorts), 'deleted');
    }
}
