<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Media\Artwork\TypefaceTrial;
use App\Media\Process\ToolFailed;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Typeface;
use RapidReel\Base\Refusal;

/** Faces that operators bring for their captions. */
final readonly class TypefaceDesk
{
    private const MOST_BYTES = 24 * 1024 * 1024;

    private const MOST = 60;

    public function __construct(
        private TypefaceTrial $trial,
        private Registrar $registrar,
    ) {
    }

    /**
     * @return string what it is called
     *
     * @throws Refusal when no captions can be set in it
     * @throws ToolFailed
     */
    public function bring(Channel $channel, string $file): string
    {
        $bytes = (int) @filesize($file);
        if ($bytes > self::MOST_BYTES) {
            throw new Refusal('A font file is smaller than 24 MB.');
        }
        if (Typeface::at($channel)->count() >= self::MOST) {
            throw new Refusal(sprintf('A channel takes at most %d typefaces. Delete one first.', self::MOST));
        }
        [$id, $name] = $this->trial->keep($file);
        $channel->its(Typeface::class)->firstOrCreate(['face' => $id], ['name' => $name]);
        $this->registrar->forget();

        return $name;
    }

    /** Its file stays: captions that were made with it can still be rendered. */
    public function drop(Typeface $face): void
    {
        $face->delete();
        $this->registrar->forget();
    }
}
