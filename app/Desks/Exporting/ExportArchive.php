<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Media\Store\StrangePlace;
use App\Shelves\Models\Export;
use App\Shelves\Models\FileState;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Manifest;

/** Gathers the latest finished exports of shorts, with a list of them. */
final readonly class ExportArchive
{
    public function __construct(private FinishedFiles $finished)
    {
    }

    /**
     * @param  list<Short>  $shorts
     * @param  bool  $withAll  whether drafts and outdated files come along, named so
     *
     * @throws Refusal when none is finished, or what was finished is not on the disk as it was
     */
    public function of(array $shorts, bool $withAll = false): HandedOut
    {
        $leaving = array_values(array_filter(array_merge([], ...array_map(
            static fn (Short $short): array => [$short->leaving(), ...$short->othersLeaving()],
            $shorts,
        ))));
        $taken = array_values(array_filter(
            $leaving,
            static fn (array $one): bool => $withAll || $one[1] === FileState::Final,
        ));
        if ($taken === []) {
            throw new Refusal($leaving === []
                ? 'None of these shorts is exported yet. Export them first.'
                : 'None of these shorts has a finished file of what it is now: '.self::left($leaving).'. Export them, '
                    .'or include these, marked as what they are.');
        }
        $gone = $files = $listed = [];
        foreach ($taken as [$export, $state]) {
            $as = self::free($export->name.($state === FileState::Final ? '' : "-{$state->value}"), $files);
            foreach (ExportedFiles::EXTENSIONS as $extension) {
                $file = $this->finished->find($export, $extension);
                $files["$as.$extension"] = (string) $file;
                $gone += $file === null ? [$export->id => $export->short] : [];
            }
            // What its own time knew of it, whatever can be read now.
            $row = $export->listing ?? ["{$export->name}.mp4", $export->short->title];
            $listed[] = Manifest::renamed($row, (string) $export->name, $as, $state->value, self::idOf($export));
        }

        if ($gone !== []) {
            throw FinishedFiles::gone(array_values($gone));
        }

        return new HandedOut($files, Manifest::csv($listed));
    }

    /** By which the file of a short for a target is known, however often it is made and whatever it is called. */
    private static function idOf(Export $export): string
    {
        return "short-{$export->short_id}".($export->target === '' ? '' : "-{$export->target}");
    }

    /**
     * Two shorts may be called alike.
     *
     * @param  array<string, string>  $files
     */
    private static function free(string $name, array $files): string
    {
        for ($as = $name, $number = 2; isset($files["$as.mp4"]); $number++) {
            $as = "$name-$number";
        }

        return $as;
    }

    /**
     * The video of one that was finished.
     *
     * @throws Refusal where it is not what it was
     * @throws StrangePlace
     */
    public function video(Export $export): string
    {
        return $this->finished->path($export, 'mp4');
    }

    /** @param  list<array{Export, FileState}>  $leaving */
    private static function left(array $leaving): string
    {
        $said = [];
        $states = array_map(static fn (array $one): string => $one[1]->value, $leaving);
        foreach (array_count_values($states) as $state => $count) {
            $said[] = match ($state) {
                FileState::Draft->value => $count === 1 ? '1 draft' : "$count drafts",
                default => "$count outdated",
            };
        }

        return implode(' and ', $said);
    }
}
