<?php

declare(strict_types=1);

namespace App\Makers\Voicing;

use App\Media\Audio\TakeFiles;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Reading;
use RapidReel\Base\Refusal;
use RapidReel\Voice\Speech\Take;

/** The takes of recordings. Nobody can speak them again, so a damaged one is cut out of its recording once more. */
final readonly class ReadingTakes
{
    public function __construct(
        private TakeFiles $files,
        private RecordingReader $reader,
    ) {
    }

    /**
     * The take if it is at hand as it was. Makes nothing.
     *
     * @throws StrangePlace
     */
    public function kept(Reading $reading): ?Take
    {
        return $this->files->kept($reading->take);
    }

    /**
     * @throws Refusal when it is damaged and cannot be made again: nobody else is to speak in its place
     * @throws ToolFailed
     */
    public function whole(Reading $reading): Take
    {
        $take = $this->kept($reading);
        if ($take === null && $this->reader->mend($reading)) {
            $take = $this->kept($reading);
        }

        return $take ?? throw new Refusal(sprintf(
            'The recording of “%s” is damaged on the disk. Upload it again, or drop it to have the narrator speak.',
            mb_strimwidth($reading->text, 0, 60, '…'),
        ));
    }
}
