<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Ground\Work\HandedBack;
use App\Makers\Planning\ShortShelves;
use App\Media\Probing\FileReviewer;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\StrangePlace;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use JsonException;
use RapidReel\Base\Refusal;
use RapidReel\Making\Finished\FileFinding;
use RapidReel\Making\Finished\FileReview;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Finding\Severities;
use RapidReel\Plan\Finding\Severity;

/** Looks through the finished file of an export, and keeps what is found. One that falls short is not called done. */
final readonly class FileInspector
{
    public function __construct(
        private FileReviewer $reviewer,
        private FinishedFiles $finished,
        private CaptionInspector $captions,
        private ShortShelves $shelves,
        private Resolver $resolver,
    ) {
    }

    /**
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     * @throws StrangePlace
     * @throws JsonException
     * @throws Refusal
     * @throws HandedBack
     */
    public function through(Export $export): void
    {
        // One whose short was deleted meanwhile leaves for nowhere.
        $short = Short::query()->with('batch.channel')->find($export->short_id);
        if ($export->state !== ExportState::Done || $export->findings !== null || $short === null) {
            return;
        }
        $export->setRelation('short', $short);
        $findings = $this->findings($export);
        $severities = Severities::read($this->resolver->short($short)->text('severities'));
        $broken = array_values(array_filter(
            $findings,
            static fn (FileFinding $one): bool => $one->fault->isOfTheFile()
                || ($one->fault->kind() !== null && $severities->of($one->fault->kind()) === Severity::Stops),
        ));
        // One that was made anew, or called off, meanwhile is another's to tell of.
        Export::query()->whereKey($export->id)->where('state', ExportState::Done)->update([
            'findings' => json_encode(
                array_map(static fn (FileFinding $one): array => $one->toArray(), $findings), JSON_THROW_ON_ERROR,
            ),
            ...$broken === [] ? [] : [
                'state' => ExportState::Failed,
                'problem' => "The finished file falls short: {$broken[0]->message} Export again.",
            ],
        ]);
    }

    /**
     * @return list<FileFinding>
     *
     * @throws ToolFailed
     * @throws TooMuch
     * @throws TooSlow
     * @throws StrangePlace
     * @throws JsonException
     * @throws HandedBack
     * @throws Refusal
     */
    private function findings(Export $export): array
    {
        $video = $this->finished->find($export, 'mp4');
        $plan = $this->finished->find($export, 'json');
        if ($video === null || $plan === null) {
            return [FileFinding::changed()];
        }
        $cut = CutJson::decode((string) file_get_contents($plan));

        return [
            ...$this->captions->of($video, $cut, $this->shelves->of($export->short)),
            ...FileReview::of($this->reviewer->look($video), $cut->form->target, $cut, $export->quality),
        ];
    }
}
