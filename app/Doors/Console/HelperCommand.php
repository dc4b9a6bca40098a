<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Ground\Work\DiskRoom;
use App\Media\Farm\Farm;
use App\Media\Farm\FarmLink;
use App\Media\Farm\Helper;
use App\Media\Farm\HelperCache;
use App\Media\Farm\MakerReport;
use App\Media\Farm\OrderBoard;
use App\Media\Farm\OrderFiles;
use App\Media\Farm\Roll;
use App\Media\Farm\ToolprintReader;
use App\Media\Making\LocalMaker;
use App\Media\Store\MediaStore;
use Illuminate\Console\Command;
use RapidReel\Base\Refusal;

/** One maker of a machine that helps: bin/helper starts as many as it has cores. */
final class HelperCommand extends Command
{
    use Answers;

    private const GIB = 1024 ** 3;

    protected $signature = 'reel:helper
        {--redis= : where the orders are, as redis://:password@host:port; else REEL_HELPER_REDIS tells}
        {--prefix=rapid-reel : how names in Redis begin, as on the main machine}
        {--disk= : the main machine’s media folder as this machine sees it, or s3}
        {--name= : what this machine is called on the page of machines}
        {--number=1 : which of this machine’s makers it is}
        {--cache=20 : gigabytes of files of others that it keeps}';

    protected $description = 'Makes shots, sound and analyses that another machine orders';

    public function handle(): int
    {
        return $this->guarded(function (): int {
            $this->maker()->run();

            return self::SUCCESS;
        });
    }

    /** @throws Refusal */
    private function maker(): Helper
    {
        // Arguments of a process are seen by all on its machine, and there is a password in it.
        $address = self::written($this->option('redis')) ?: (string) config('reel.farm.helper');
        if (! str_starts_with($address, 'redis://') && ! str_starts_with($address, 'tls://')) {
            throw new Refusal('It is to be told where the orders are: --redis=redis://:password@host:6379');
        }
        $machine = Farm::name(self::written($this->option('name')) ?: (gethostname() ?: 'helper'));
        $number = (int) self::written($this->option('number'));
        $store = app(MediaStore::class);
        $disk = self::written($this->option('disk'));
        if ($disk === '') {
            throw new Refusal('It is to be told where the media are: --disk=FOLDER or --disk=s3');
        }
        $depot = Farm::depot($disk, $machine, $store);
        $link = new FarmLink($address, self::written($this->option('prefix')));
        $tools = app(ToolprintReader::class)->read();
        $bytes = (int) ((float) self::written($this->option('cache')) * self::GIB);

        return new Helper(
            new MakerReport($machine, $number, $tools),
            new OrderBoard($link, "$machine/$number/".getmypid(), $machine, $tools), new Roll($link),
            new HelperCache($store, $depot, app(OrderFiles::class), $bytes), app(LocalMaker::class),
            app(DiskRoom::class), fn (string $line) => $this->tell("$machine/$number: $line"),
        );
    }
}
