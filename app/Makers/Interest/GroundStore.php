<?php

declare(strict_types=1);

namespace App\Makers\Interest;

use App\Media\Probing\ProbedMedia;
use App\Media\Probing\Prober;
use App\Media\Probing\UnusableMedia;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\Findings;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Matte\GroundFinder;
use RapidReel\Pictures\Matte\PlainGround;

/** The plain ground of footage, looked for once and kept by the hash of its content. */
final readonly class GroundStore
{
    /** Raised whenever it is looked for in another way. */
    private const VERSION = 3;

    /** Pictures of a clip that are looked at, spread over it, and pixels of their longer side. */
    private const PICTURES = 8;

    private const SIDE = 160;

    public function __construct(
        private MediaStore $store,
        private Findings $findings,
        private KeyedLock $locks,
        private Prober $prober,
        private MediaTools $tools,
    ) {
    }

    /**
     * @param  string  $name  what the operator calls it
     * @param  string|null  $colour  of the ground, as RRGGBB; null where it is to be found
     * @return PlainGround|null null where it has none
     *
     * @throws ToolFailed
     * @throws UnusableMedia
     */
    public function of(string $fingerprint, string $file, string $name, ?string $colour): ?PlainGround
    {
        $key = hash('sha256', self::VERSION.$fingerprint.$colour);
        $find = function () use ($file, $name, $colour): array {
            $folder = $this->store->workFolder();
            try {
                return $this->look($file, $this->prober->glance($file, $name), $folder, $colour)?->toArray() ?? [];
            } finally {
                $this->store->discard($folder);
            }
        };
        /** @var array{
         *     colours: non-empty-list<array{int, int, int}>, subject: list<array{int, int, int}>, noise: int
         * }|array{} $data
         */
        $data = $this->locks->hold(
            "ground-$key",
            fn (): array => $this->findings->of(Findings::GROUNDS, $key, $find),
        );

        return $data === [] ? null : PlainGround::fromArray($data);
    }

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
