<?php

declare(strict_types=1);

namespace App\Media\Analysis;

use App\Media\Probing\ProbedMedia;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Matte\GroundFinder;
use RapidReel\Pictures\Matte\PlainGround;

/** Looks for the plain ground before which something stands, in a few small pictures. */
final readonly class GroundReader
{
    /** Pictures of a clip that are looked at, spread over it, and pixels of their longer side. */
    private const PICTURES = 8;

    private const SIDE = 160;

    public function __construct(
        private MediaStore $store,
        private MediaTools $tools,
    ) {
    }

    /**
     * @param  string|null  $colour  of the ground, as RRGGBB; null where it is to be found
     * @return PlainGround|null null where it has none
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function read(string $file, ProbedMedia $found, ?string $colour): ?PlainGround
    {
        $folder = $this->store->workFolder();
        try {
            return $this->look($file, $found, $folder, $colour);
        } finally {
            $this->store->discard($folder);
        }
    }

    /** @throws ToolFailed */
    private function look(string $file, ProbedMedia $found, string $folder, ?string $colour): ?PlainGround
    {
        $part = min(1.0, self::SIDE / max($found->width, $found->height));
        $width = max(2, (int) round($found->width * $part));
        $height = max(2, (int) round($found->height * $part));
        $rate = $found->kind === FootageKind::Still || $found->durationMs <= 0
            ? ''
            : sprintf('fps=%.6F:start_time=0,', 1000 * self::PICTURES / $found->durationMs);
        $filters = $found->look->filters();
        // Pixels as they are: made smaller evenly they would lose their noise and mix at edges.
        $this->tools->run(
            [
                '-loglevel', 'fatal', '-threads', '1', ...$found->readerOptions(), ...$this->tools->input($file),
                '-map', "0:{$found->stream}", '-vf',
                $rate.($filters === [] ? '' : implode(',', $filters).',')
                    ."scale=$width:$height:flags=neighbor:in_color_matrix=bt709,format=rgb24",
                '-frames:v', (string) ($rate === '' ? 1 : self::PICTURES), '-f', 'rawvideo', 'pictures',
            ],
            'Looking for a plain ground',
            $folder,
        );
        $bytes = (string) file_get_contents("$folder/pictures");
        $size = 3 * $width * $height;
        $pictures = array_filter(str_split($bytes, $size), static fn (string $one): bool => strlen($one) === $size);
        if ($pictures === []) {
            return null;
        }
        $known = $colour === null ? null : array_map(hexdec(...), str_split($colour, 2));

        return GroundFinder::of(
            array_values($pictures),
            $width,
            $height,
            $known === null ? null : [(int) $known[0], (int) $known[1], (int) $known[2]],
        );
    }
}
