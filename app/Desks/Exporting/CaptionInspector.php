<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Ground\Work\HandedBack;
use App\Makers\Proofs\ProofMaker;
use App\Media\Probing\FrameReader;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Shelves\Library\Shelf;
use RapidReel\Base\Refusal;
use RapidReel\Making\Finished\CaptionPresence;
use RapidReel\Making\Finished\FileFault;
use RapidReel\Making\Finished\FileFinding;
use RapidReel\Plan\Cut\Cut;

/** Looks whether every caption is in a finished video: a frame of each is held against the same without captions. */
final readonly class CaptionInspector
{
    /** So many times smaller than the frame */
    private const SMALLER = 10;

    public function __construct(
        private ProofMaker $proofs,
        private FrameReader $frames,
    ) {
    }

    /**
     * @return list<FileFinding> none where nothing is there to hold it against
     *
     * @throws StrangePlace
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function of(string $video, Cut $cut, Shelf $shelf): array
    {
        $bare = $cut->seenCues() === [] ? null : $this->proofs->known($cut, $shelf);

        return $bare === null ? [] : $this->missing($video, $bare, $cut);
    }

    /**
     * @param  string  $bare  file of the same pictures without captions, opening and ending
     * @return list<FileFinding>
     *
     * @throws ToolFailed
     */
    public function missing(string $video, string $bare, Cut $cut): array
    {
        $later = $cut->over->introOutro->openingMs();
        $opening = $cut->grid()->frameOf($later);
        $shape = $cut->form->frame->shape;
        [$width, $height] = [intdiv($shape->width(), self::SMALLER), intdiv($shape->height(), self::SMALLER)];
        $at = $cut->captionFrames();
        $seen = $this->frames->of(
            $video, array_map(static fn (int $frame): int => $frame + $opening, $at), $width, $height,
        );
        $without = $this->frames->of($bare, $at, $width, $height);
        $found = [];
        foreach ($cut->seenCues() as $i => $cue) {
            $picture = $seen[$at[$i] + $opening] ?? null;
            $same = $without[$at[$i]] ?? null;
            // A file that ends before it is told of already.
            if ($picture === null || $same === null
                || CaptionPresence::isThere($cue, $picture, $same, $width, $height)) {
                continue;
            }
            $found[] = new FileFinding(
                FileFault::NoCaption,
                sprintf('The caption “%s” is not in the picture.', mb_strimwidth($cue->text(), 0, 40, '…')),
                [$cue->startMs + $later, $cue->endMs + $later],
            );
        }

        return $found;
    }
}
