<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Media\Process\EncoderPool;
use App\Media\Video\SegmentRenderer;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Recipe;

/** Renders a segment from its recipe: needs the media disk, and no database. */
final class RenderCommand extends Command
{
    use ReadsScripts;

    protected $signature = 'reel:render {recipe : a JSON file}
        {--keep= : a folder that is to have all that it is rendered with, and the command}';

    protected $description = 'Renders one segment from its recipe and tells where it stands';

    public function handle(SegmentRenderer $renderer, EncoderPool $pool): int
    {
        return $this->guarded(function () use ($renderer, $pool): int {
            $file = (string) $this->argument('recipe');
            if (! is_file($file)) {
                throw new Refusal("There is no file $file.");
            }
            $recipe = Recipe::fromJson(File::get($file));
            $shown = $this->option('keep');
            $pool->run([
                $renderer->work($recipe, $pool->width(), is_string($shown) && $shown !== '' ? $shown : null),
            ], static fn () => null);
            $this->printJson([
                'key' => $recipe->key(),
                'file' => $renderer->file($recipe->key()),
                'frames' => $recipe->frames,
            ]);

            return self::SUCCESS;
        });
    }
}
