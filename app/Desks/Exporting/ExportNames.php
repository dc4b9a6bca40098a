<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Export;
use RapidReel\Base\NamePattern;
use RapidReel\Base\Refusal;

/** What the files of exports are called when they are handed out. */
final readonly class ExportNames
{
    public function __construct(private Resolver $resolver)
    {
    }

    /**
     * @param  string  $target  its label
     *
     * @throws Refusal
     */
    public function of(Export $export, string $target): string
    {
        $short = $export->short->loadMissing('batch.channel');
        $pattern = new NamePattern($this->resolver->batch($short->batch)->text('file_names'));
        // Files of a version stand beside those of the first: not all letters can be told in plain ones.
        $first = $short->source ?? $short;
        $fields = [
            'number' => $first->number,
            'slug' => $first->title,
            'language' => $short->language,
            'target' => $target,
            'batch' => $short->batch->name,
            'channel' => $short->batch->channel->name,
            'date' => now()->format('Y-m-d'),
            'quality' => $export->quality->value,
        ];

        return $export->target === '' ? $pattern->name($fields) : $pattern->otherName($fields);
    }
}
