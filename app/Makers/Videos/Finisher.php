<?php

declare(strict_types=1);

namespace App\Makers\Videos;

use App\Media\Probing\NotAsPlanned;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Media\Video\Joiner;
use App\Media\Video\VideoInspector;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Segment;
use RapidReel\Plan\Cut\Cut;

/** Joins what was made of a short to its video; before that goes out it is compared with the plan. */
final readonly class Finisher
{
    public function __construct(
        private MediaTools $tools,
        private Joiner $joiner,
        private VideoInspector $inspector,
        private PosterFrames $posters,
    ) {
    }

    /**
     * For somebody who waits, as it is: its parts have seals.
     *
     * @param  non-empty-list<Segment>  $segments
     * @param  list<string>  $files  of the segments
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function join(Cut $cut, array $segments, array $files, string $sound, string $video): void
    {
        $this->joiner->join(self::parts($segments, $files), $sound, $cut->title, $video, $segments[0]->recipe);
    }

    /**
     * To go out: with the picture that stands for it, and looked through.
     *
     * @param  non-empty-list<Segment>  $segments
     * @param  array{list<string>, string}  $files  of the segments, and of the sound
     *
     * @throws NotAsPlanned
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function finish(
        Cut $cut,
        MixPlan $mix,
        array $segments,
        array $files,
        string $video,
        string $poster,
    ): void {
        $recipe = $segments[0]->recipe;
        $parts = self::parts($segments, $files[0]);
        $joined = $this->joiner->join($parts, $files[1], $cut->title, $video, $recipe, $cut->over->progress);
        $this->inspector->compare($video, $parts, $recipe->raster->fps, $mix->wholeSeconds(), $joined);
        if ($this->posters->take($cut, $segments, $poster)) {
            return;
        }
        $this->tools->run(
            [
                '-loglevel', 'error', '-ss', sprintf('%.3f', PosterFrames::momentMs($cut) / 1000),
                ...$this->tools->input($video), '-vf', 'scale=360:-2,format=yuvj420p', '-frames:v', '1', '-update', '1',
                '-q:v', '4', $poster,
            ],
            'Taking the poster',
        );
        $this->posters->keep($cut, $segments, $poster);
    }

    /**
     * @param  list<Segment>  $segments
     * @param  list<string>  $files
     * @return list<array{string, int}>
     */
    private static function parts(array $segments, array $files): array
    {
        return array_map(static fn (Segment $segment, string $file): array => [
            $file, $segment->recipe->frames,
        ], $segments, $files);
    }
}
