<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Media\Making\LocalMaker;
use App\Media\Making\Maker;
use App\Media\Making\OrderReader;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use RapidReel\Base\Refusal;
use RapidReel\Making\Order\Order;
use RapidReel\Making\Render\Recipe;

/** Makes what is ordered in a file: needs the media disk, and no database. */
final class RenderCommand extends Command
{
    use Answers;

    protected $signature = 'reel:render
        {order* : JSON files: orders of segments, mixes, analyses, speech, takes or cards}
        {--keep= : a folder that is to have all that one is made with, and the command}';

    protected $description = 'Makes what is ordered, here or on other machines, and tells where it stands';

    public function handle(LocalMaker $here, Maker $maker): int
    {
        return $this->guarded(function () use ($here, $maker): int {
            $orders = array_map(self::order(...), array_values((array) $this->argument('order')));
            $shown = self::written($this->option('keep'));
            ($shown !== '' ? $here->showing($shown) : $maker)->make($orders);
            $made = array_map(static fn (Order $order): array => [
                'kind' => $order->kind()->value,
                'key' => $order->key(),
                'file' => $maker->file($order),
                ...$order instanceof Recipe ? ['frames' => $order->frames] : [],
            ], $orders);
            $this->printJson(count($made) === 1 ? $made[0] : ['made' => $made]);

            return self::SUCCESS;
        });
    }

    /** @throws Refusal */
    private static function order(mixed $argument): Order
    {
        $file = self::written($argument);

        return is_file($file) ? OrderReader::read(File::get($file)) : throw new Refusal("There is no file $file.");
    }
}
