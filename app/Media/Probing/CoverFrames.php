<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Making\Publish\Cover\CoverFrame;

/** Frames of a finished video, small and grey, from which a cover is chosen. */
final readonly class CoverFrames
{
    private const STEP_MS = 400;

    /** The first frame may be a dip or an opening that only begins. */
    private const FIRST_MS = 200;

    private const MOST = 300;

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
    ) {
    }

    /**
     * @return list<CoverFrame>
     *
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function of(string $video): array
    {
        $folder = $this->store->workFolder();
        try {
            $this->tools->run([
                '-loglevel', 'error', '-ss', sprintf('%.3f', self::FIRST_MS / 1000), ...$this->tools->input($video),
                '-an', '-frames:v', (string) self::MOST, '-vf', sprintf(
                    'fps=1000/%d,scale=%d:%d:flags=area,format=gray', self::STEP_MS, CoverFrame::WIDTH,
                    CoverFrame::HEIGHT,
                ), '-f', 'rawvideo', 'frames.raw',
            ], 'Looking for a cover', $folder);

            return CoverFrame::all((string) file_get_contents("$folder/frames.raw"), self::FIRST_MS, self::STEP_MS);
        } finally {
            $this->store->discard($folder);
        }
    }
}
