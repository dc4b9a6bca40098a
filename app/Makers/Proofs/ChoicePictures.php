<?php

declare(strict_types=1);

namespace App\Makers\Proofs;

use App\Makers\Interest\InterestStore;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeptFiles;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Footage;
use RapidReel\Base\Colour\Looks;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Blend;
use RapidReel\Making\Render\Filter\FilterGraph;
use RapidReel\Making\Render\Filter\LayerFilters;
use RapidReel\Making\Render\Filter\LookFilters;
use RapidReel\Making\Render\Layer;
use RapidReel\Making\Render\Look;
use RapidReel\Making\Render\Source;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Framing\Backdrop;
use RapidReel\Pictures\Framing\FramePath;
use RapidReel\Pictures\Framing\Framing;
use RapidReel\Pictures\Framing\FramingChoice;
use RapidReel\Pictures\Framing\Path\PathFinder;
use RapidReel\Pictures\Framing\Path\PathRules;

/** What a choice comes to, seen before it is made: pictures of the channel, small, by the filters that renders have. */
final readonly class ChoicePictures
{
    private const WIDTH = 180;

    private const HEIGHT = 240;

    private const VERSION = 2;

    /** How far a transition has come that is shown; of a dip more would be black. */
    private const MIDWAY = 0.4;

    private const DIPPING = 0.08;

    private const FILL = 'scale=%1$d:%2$d:force_original_aspect_ratio=increase:%3$s,crop=%1$d:%2$d,setsar=1,'
        .'format=yuv420p';

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private KeptFiles $kept,
        private KeyedLock $locks,
        private InterestStore $interests,
    ) {
    }

    /**
     * @param  string  $look  id of a look; one that there is none of leaves it as it is
     * @return string path of a JPEG, made once
     *
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function look(Footage $of, string $look): string
    {
        $looks = new LookFilters(new Look(grade: Looks::of($look)), self::WIDTH, self::HEIGHT, 30);

        return $this->file([$of], '[0:v]'.self::fill().",{$looks->points()}{$looks->rest()}null[shown]");
    }

    /**
     * @return string path of a JPEG, made once
     *
     * @throws StrangePlace
     * @throws ToolFailed
     * @throws Refusal
     */
    public function framing(Footage $of, Framing $framing): string
    {
        [$width, $height] = getimagesize($this->store->path($of->thumbnail)) ?: [self::WIDTH, self::HEIGHT];
        $backdrop = Backdrop::tryFrom($framing->value);
        $layer = new Layer(
            new Source('', FootageKind::Still, $width, $height), 0, $this->window($of, $framing, $width, $height),
            $backdrop, ground: $backdrop === Backdrop::Gradient ? [FramingChoice::TOP, FramingChoice::BOTTOM] : [],
        );

        return $this->file([$of], (new LayerFilters(self::WIDTH, self::HEIGHT, 30, 1))->of($layer, 0, 'shown'));
    }

    /**
     * @param  Blend|null  $blend  null for a plain cut
     * @return string path of a JPEG, made once
     *
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function transition(Footage $from, Footage $to, ?Blend $blend): string
    {
        if ($blend === null) {
            return $this->look($from, 'none');
        }
        $moving = self::fill().',loop=-1:1,settb=1/30,setpts=N,fps=30';

        return $this->file([$from, $to], sprintf(
            '[0:v]%1$s[from];[1:v]%1$s[to];'
                .'[from][to]xfade=transition=%2$s:duration=1:offset=0,trim=start=%3$.2f[shown]',
            $moving, $blend->filter(), $blend === Blend::Dip ? self::DIPPING : self::MIDWAY,
        ));
    }

    /**
     * Where the window stands in the middle of it, as it would follow or hold its subject.
     *
     * @throws Refusal
     * @throws StrangePlace
     */
    private function window(Footage $of, Framing $framing, int $width, int $height): FramePath
    {
        $aspect = self::WIDTH / self::HEIGHT;
        $map = $framing === Framing::Middle ? null : $this->interests->known($of->fingerprint);
        if ($map === null) {
            return FramePath::centred($width, $height, $aspect);
        }
        $ms = max(1, (int) $of->duration_ms);
        $path = PathFinder::find($map, 0, $ms, new PathRules($aspect, isStill: $framing === Framing::Still));

        return new FramePath([0 => $path->at(intdiv($ms, 2))]);
    }

    private static function fill(): string
    {
        return sprintf(self::FILL, self::WIDTH, self::HEIGHT, FilterGraph::TO_BT709);
    }

    /**
     * @param  list<Footage>  $of
     * @param  string  $graph  filters over their small pictures, that end in “shown”
     *
     * @throws StrangePlace
     * @throws ToolFailed
     */
    private function file(array $of, string $graph): string
    {
        $pictures = array_map(fn (Footage $one): string => $this->store->path($one->thumbnail), $of);
        $key = hash('sha256', implode("\n", [self::VERSION, ...array_map(KeptFiles::sealOf(...), $pictures), $graph]));
        $place = $this->store->keyed('looks', $key, 'jpg');
        $this->locks->hold("look-$key", function () use ($place, $pictures, $graph): void {
            if ($this->kept->isRight($place)) {
                return;
            }
            $folder = $this->store->workFolder();
            try {
                $this->tools->run([
                    '-loglevel', 'error', ...array_merge(...array_map($this->tools->input(...), $pictures)),
                    '-filter_complex', "$graph;[shown]scale=in_range=tv:out_range=pc,format=yuvj420p[out]",
                    '-map', '[out]', '-frames:v', '1', '-update', '1', '-q:v', '4', 'shown.jpg',
                ], 'Drawing what a choice comes to', $folder);
                $this->kept->put("$folder/shown.jpg", $place);
            } finally {
                $this->store->discard($folder);
            }
        });

        return $place;
    }
}
