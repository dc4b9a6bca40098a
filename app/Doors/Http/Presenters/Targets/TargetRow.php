<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Targets;

use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Target;

/** A target as the table has it. */
final readonly class TargetRow
{
    private function __construct(
        public string $id,
        public string $name,
        public bool $isOwn,
        public bool $isUsed,
        public string $size,
        public string $length,
        public string $sound,
        public string $file,
    ) {
    }

    /** @param  FrameShape  $set  the shape that is set for the channel */
    public static function of(Target $target, bool $isOwn, bool $isUsed, FrameShape $set): self
    {
        [$width, $height] = $target->picture->size($set);
        $seconds = static fn (int $ms): string => rtrim(rtrim(number_format($ms / 1000, 1), '0'), '.');
        $length = $target->length;

        return new self(
            $target->id,
            $target->label,
            $isOwn,
            $isUsed,
            sprintf('%d × %d, %d a second', $width, $height, $target->picture->fps),
            $length->longestMs === null
                ? "{$seconds($length->shortestMs)} s and more"
                : "{$seconds($length->shortestMs)} to {$seconds($length->longestMs)} s",
            str_replace('-', '−', sprintf('%s LUFS, %s dBTP', $target->sound->loudness, $target->sound->truePeak)),
            $target->file->most === null ? 'of any size' : number_format($target->file->most / 1_000_000, 1).' MB',
        );
    }
}
