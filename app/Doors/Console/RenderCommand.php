<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Media\Making\LocalMaker;
use App\Media\Making\OrderReader;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Making\Render\Recipe;

/** Makes what is ordered in a file: needs the media disk, and no database. */
final class RenderCommand extends Command
{
    use Answers;

    protected $signature = 'reel:render
        {order : a JSON file: an order of a segment, a mix, an analysis, speech, a take or a card}
        {--keep= : a folder that is to have all that it is made with, and the command}';

    protected $description = 'Makes the one thing that is ordered, and tells where it stands';

    public function handle(LocalMaker $maker): int
    {
        return $this->guarded(function () use ($maker): int {
            $file = self::written($this->argument('order'));
            if (! is_file($file)) {
                throw new Refusal("There is no file $file.");
            }
            $order = OrderReader::read(File::get($file));
            $shown = $this->option('keep');
            $isShown = is_string($shown) && $shown !== '';
            ($isShown ? $maker->showing($shown) : $maker)->make([$order]);
            $this->printJson([
                'kind' => $order->kind()->value,
                'key' => $order->key(),
                'file' => $maker->file($order),
                ...$order instanceof Recipe ? ['frames' => $order->frames] : [],
            ]);

            return self::SUCCESS;
        });
    }
}
