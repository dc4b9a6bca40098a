<?php

declare(strict_types=1);

namespace App\Desks\Review;

use App\Desks\Exporting\FinishedFiles;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofMaker;
use App\Makers\Reviewing\Judge;
use App\Makers\Reviewing\JudgedFinding;
use App\Media\Decoding\Decoder;
use App\Media\Probing\FramePictures;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Cut\CutSummary;

/** A batch on one sheet, for somebody who has no account: three pictures of each short, its length and findings. */
final readonly class ContactSheet
{
    private const WIDTH = 216;

    /** Pixels of the longer side of the picture */
    private const LONGEST = 6_000;

    public function __construct(
        private Judge $reviews,
        private ProofMaker $proofs,
        private FramePictures $pictures,
        private FinishedFiles $finished,
        private Decoder $decoder,
    ) {
    }

    /**
     * A drawing of it as a picture.
     *
     * @param  string  $drawing  SVG
     * @param  int  $longest  pixels of its longer side
     * @return string PNG
     *
     * @throws Refusal
     * @throws TooMuch
     * @throws TooSlow
     */
    public function png(string $drawing, int $longest): string
    {
        return $this->decoder->draw($drawing, 'The contact sheet', min(self::LONGEST, $longest))
            ?? throw new Refusal('The contact sheet could not be drawn as a picture. Download it as HTML.');
    }

    /**
     * @return list<ContactEntry>
     *
     * @throws Refusal
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function of(Batch $batch): array
    {
        $entries = [];
        foreach ($this->reviews->batch($batch, ['latestFinal', 'latestDone']) as $review) {
            $short = $review->short;
            $summary = $short->cutSummary();
            $entries[] = new ContactEntry(
                $short->number,
                $short->title,
                $summary === null ? '' : number_format($summary->wholeMs() / 1000, 1).' s',
                $summary === null ? [] : $this->taken($short, $summary),
                array_values(array_unique(array_map(
                    static fn (JudgedFinding $one): string => $one->finding->kind->label(),
                    [...$review->stopping(), ...$review->warning()],
                ))),
                $review->stopping() !== [],
            );
        }

        return $entries;
    }

    /**
     * Of its file, else of its preview.
     *
     * @return list<string>
     *
     * @throws StrangePlace
     * @throws ToolFailed
     */
    private function taken(Short $short, CutSummary $summary): array
    {
        $leaving = $short->leaving();
        try {
            $file = $leaving === null ? null : $this->finished->find($leaving[0], 'mp4');
        } catch (Refusal) {
            // On a disk that is not there.
            $file = null;
        }
        $isWhole = $file !== null;
        $proof = Proof::of($short);
        $later = $isWhole ? $summary->times->introOutro[0] : 0;
        if (! $isWhole) {
            $file = $proof !== null && $this->proofs->isRight($proof->key) ? $this->proofs->file($proof->key) : null;
        }
        $close = $summary->scenes[count($summary->scenes) - 1] ?? [0, 0, ''];

        return $file === null ? [] : $this->pictures->of($file, [
            $later + intdiv($summary->times->hookMs, 2), $later + intdiv($summary->times->durationMs, 2),
            $later + intdiv($close[0] + $close[1], 2),
        ], self::WIDTH);
    }
}
