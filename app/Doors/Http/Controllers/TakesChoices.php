<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Doors\Http\WrongValue;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use RapidReel\Base\Values;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Registry;

/** Reads choices out of a request; what is missing is what is usual, and what is wrong is refused. */
trait TakesChoices
{
    /** What a batch is to have of its own; what is left empty is inherited. */
    private function settings(Request $request, Registry $registry): Values
    {
        $written = [];
        foreach ($registry->at(Level::Batch) as $key => $setting) {
            $value = $request->input($key);
            if ($value !== null && $value !== '') {
                $written[$key] = is_scalar($value)
                    ? (string) $value
                    : throw new Refusal("“{$setting->label}” takes one value.");
            }
        }

        return $registry->read($written, Level::Batch);
    }

    private function quality(Request $request): Quality
    {
        $quality = $request->input('quality', Quality::Final->value);

        return (is_string($quality) ? Quality::ordered($quality) : null) ??
            throw new Refusal('The quality is draft or final.');
    }

    /** @return list<Short> the shorts ticked, or all where none is */
    private function chosen(Request $request, Batch $batch): array
    {
        $ids = $this->ids($request->input('shorts'));
        $shorts = $batch->shorts()
            ->with(['latestDone', 'latestFinal', 'otherExports', 'scenes.shots', 'notes', 'hooks', 'readings'])
            ->when($ids !== [], static fn ($query) => $query->whereIn('id', $ids))->get();
        if ($shorts->isEmpty()) {
            throw new Refusal('None of the chosen shorts is in this batch any more.');
        }

        return array_values($shorts->each(static fn (Short $short) => $short->setRelation('batch', $batch))->all());
    }

    /** @return list<int> */
    private function ids(mixed $given): array
    {
        $ids = [];
        foreach ((array) ($given ?? []) as $id) {
            $whole = filter_var($id, FILTER_VALIDATE_INT);
            $ids[] = is_int($whole) ? $whole : throw WrongValue::of('ids', 'whole numbers');
        }

        return $ids;
    }
}
