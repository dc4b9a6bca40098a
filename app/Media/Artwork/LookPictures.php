<?php

declare(strict_types=1);

namespace App\Media\Artwork;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeptFiles;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Colour\Looks;
use RapidReel\Making\Render\Filter\FilterGraph;
use RapidReel\Making\Render\Filter\LookFilters;
use RapidReel\Making\Render\Look;

/** What a picture is like with each look, small: by the filters that renders have. */
final readonly class LookPictures
{
    private const WIDTH = 180;

    private const HEIGHT = 240;

    private const VERSION = 1;

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private KeptFiles $kept,
        private KeyedLock $locks,
    ) {
    }

    /**
     * @param  string  $picture  path of a small picture
     * @param  string  $look  id of a look; one that there is none of leaves it as it is
     * @return string path of a JPEG, made once
     *
     * @throws StrangePlace
     * @throws ToolFailed
     */
    public function file(string $picture, string $look): string
    {
        $grade = Looks::of($look);
        $key = hash('sha256', implode(' ', [
            self::VERSION, KeptFiles::sealOf($picture), json_encode($grade->toArray(), JSON_THROW_ON_ERROR),
        ]));
        $place = $this->store->keyed('looks', $key, 'jpg');
        $this->locks->hold("look-$key", function () use ($place, $picture, $grade): void {
            if ($this->kept->isRight($place)) {
                return;
            }
            $looks = new LookFilters(new Look(grade: $grade), self::WIDTH, self::HEIGHT, 30);
            $folder = $this->store->workFolder();
            try {
                $this->tools->run([
                    '-loglevel', 'error', ...$this->tools->input($picture), '-filter_complex', sprintf(
                        '[0:v]scale=%1$d:%2$d:force_original_aspect_ratio=increase:%3$s,crop=%1$d:%2$d,setsar=1,'
                            .'format=yuv420p,%4$s%5$sscale=in_range=tv:out_range=pc,format=yuvj420p[out]',
                        self::WIDTH, self::HEIGHT, FilterGraph::TO_BT709, $looks->points(), $looks->rest(),
                    ),
                    '-map', '[out]', '-frames:v', '1', '-update', '1', '-q:v', '4', 'look.jpg',
                ], 'Drawing a look', $folder);
                $this->kept->put("$folder/look.jpg", $place);
            } finally {
                $this->store->discard($folder);
            }
        });

        return $place;
    }
}
