<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Media\Probing\FileReviewer;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Targets;
use RapidReel\Making\Finished\FileFinding;
use RapidReel\Making\Finished\FileReview;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;

/** Looks through finished videos; the exit status tells whether one of them is not to leave. */
final class CheckCommand extends Command
{
    use Answers;

    protected $signature = 'reel:check {videos* : MP4 files as they were exported; a plan of the same name beside one, '
        .'.json, is what it is held against}';

    protected $description = 'Looks through finished videos and prints what speaks against each, as JSON';

    public function handle(FileReviewer $reviewer): int
    {
        return $this->guarded(function () use ($reviewer): int {
            $files = [];
            $stops = false;
            foreach ((array) $this->argument('videos') as $video) {
                $file = self::written($video);
                if (! is_file($file)) {
                    throw new Refusal("There is no file $file.");
                }
                $cut = self::plan($file);
                $facts = $reviewer->look($file);
                $findings = FileReview::of(
                    $facts,
                    $cut->form->target ?? (new Targets)->get(Targets::USUAL),
                    $cut,
                    self::quality($cut, [$facts->picture['width'] ?? 0, $facts->picture['height'] ?? 0]),
                );
                $files[] = [
                    'file' => $file,
                    'duration_ms' => $facts->pictureMs(),
                    'loudness' => $facts->levels['loudness'],
                    'true_peak' => $facts->levels['peak'],
                    'findings' => array_map(static fn (FileFinding $one): array => $one->toArray(), $findings),
                ];
                foreach ($findings as $finding) {
                    $stops = $stops || $finding->fault->stops();
                    $this->tell(basename($file).": {$finding->message}");
                }
            }
            $this->printJson(['files' => $files]);

            return $stops ? self::FAILURE : self::SUCCESS;
        });
    }

    private static function plan(string $video): ?Cut
    {
        $file = preg_replace('/\.[^.\/]*$/', '', $video).'.json';

        return is_file($file) ? CutJson::decode((string) file_get_contents($file)) : null;
    }

    /** @param  array{int, int}  $size */
    private static function quality(?Cut $cut, array $size): Quality
    {
        return $cut !== null
            && $size === Quality::Draft->size($cut->form->frame->shape, $cut->form->target->picture->side)
                ? Quality::Draft
                : Quality::Final;
    }
}
