<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Makers\Interest\FileFramer;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Pictures\Framing\Path\Pin;

final class FrameCommand extends Command
{
    use Answers;

    protected $signature = 'reel:frame {video : a clip or a still}
        {--aspect=9:16 : of the window, such as 9:16, 1:1, 4:5 or 16:9}
        {--pins= : a JSON file with a list of pins: ms, x and y of the middle as fractions, close from 1 to 4}
        {--render= : where to write the clip that is cut along the path}';

    protected $description = 'Finds the frame path of a clip, and renders it reframed';

    public function handle(FileFramer $framer): int
    {
        return $this->guarded(function () use ($framer): int {
            $file = self::written($this->argument('video'));
            $real = realpath($file);
            if ($real === false || ! is_file($real)) {
                throw new Refusal("There is no file $file.");
            }
            $pins = self::written($this->option('pins'));
            if ($pins !== '' && ! is_file($pins)) {
                throw new Refusal("There is no file $pins.");
            }
            $told = 0;
            $framed = $framer->frame(
                $real,
                self::written($this->option('aspect')),
                $pins === '' ? [] : Pin::listFromJson(File::get($pins)),
                function (float $part) use (&$told): void {
                    if ((int) (10 * $part) > $told) {
                        $told = (int) (10 * $part);
                        $this->tell(sprintf('Looked at %d %%.', 10 * $told));
                    }
                },
            );
            $target = self::written($this->option('render'));
            if ($target !== '') {
                $this->tell('Rendering…');
                $framer->render($framed, $target);
            }
            $this->printJson($framed->report());

            return self::SUCCESS;
        });
    }
}
