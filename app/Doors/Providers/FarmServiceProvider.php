<?php

declare(strict_types=1);

namespace App\Doors\Providers;

use App\Media\Farm\Exchange;
use App\Media\Farm\Farm;
use App\Media\Farm\FarmClaims;
use App\Media\Farm\FarmLink;
use App\Media\Farm\FarmMaker;
use App\Media\Farm\MakerReport;
use App\Media\Farm\OrderBoard;
use App\Media\Farm\Toolprint;
use App\Media\Farm\ToolprintReader;
use App\Media\Making\LocalMaker;
use App\Media\Making\Maker;
use App\Media\Process\Claims;
use App\Media\Process\LocalClaims;
use App\Media\Process\MediaTools;
use App\Media\Store\MediaStore;
use App\Media\Store\Originals;
use App\Shelves\Models\Footage;
use App\Shelves\Models\FootageState;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ServiceProvider;
use RapidReel\Making\Order\Analysis;
use RapidReel\Pictures\Footage\FootageKind;

/** Who makes: this machine alone, or others too. */
final class FarmServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(FarmLink::class, static fn (): FarmLink => new FarmLink(
            (string) config('reel.farm.redis'), (string) config('reel.farm.prefix'),
        ));
        $this->app->singleton(
            ToolprintReader::class,
            static fn (Application $app): ToolprintReader => new ToolprintReader(
                $app->make(MediaTools::class), $app->make(MediaStore::class), (string) config('reel.fonts'),
                [base_path('src'), app_path('Media'), (string) config('reel.fonts')], $app->make(Repository::class),
            ),
        );
        $this->app->bind(Toolprint::class, static fn (Application $app): Toolprint => $app->runningInConsole()
            ? $app->make(ToolprintReader::class)->read() : $app->make(ToolprintReader::class)->last());
        $this->app->singleton(OrderBoard::class, static fn (Application $app): OrderBoard => new OrderBoard(
            $app->make(FarmLink::class), MakerReport::MAIN.'/'.getmypid().'-'.bin2hex(random_bytes(3)),
            MakerReport::MAIN, $app->make(Toolprint::class),
        ));
        $this->app->singleton(Exchange::class, static fn (Application $app): Exchange => new Exchange(
            $app->make(MediaStore::class),
            Farm::depot(
                (string) config('reel.farm.disk') ?: $app->make(MediaStore::class)->root(),
                MakerReport::MAIN, $app->make(MediaStore::class),
            ),
        ));
        $this->app->singleton(Claims::class, fn (Application $app): Claims => self::isThere($app)
            ? $app->make(FarmClaims::class) : $app->make(LocalClaims::class));
        $this->app->when(FarmClaims::class)->needs('$takesPart')->giveConfig('reel.farm.takes_part');
        $this->app->bind(Maker::class, static fn (Application $app): Maker => self::isThere($app)
            ? $app->make(FarmMaker::class) : $app->make(LocalMaker::class));
    }

    public function boot(): void
    {
        // What is new in a library is looked at by others before any short needs it.
        Footage::saved(function (Footage $footage): void {
            if (
                self::isSet() && $footage->state === FootageState::Ready && $footage->kind === FootageKind::Clip
                && ($footage->wasRecentlyCreated || $footage->wasChanged(['state', 'fingerprint']))
            ) {
                DB::afterCommit(function () use ($footage): void {
                    $file = $this->app->make(MediaStore::class)->path($footage->path);
                    $this->app->make(Originals::class)->lay($footage->fingerprint, $file);
                    $this->app->make(FarmMaker::class)->announce([Analysis::interest($footage->fingerprint)]);
                });
            }
        });
    }

    /** Whether other machines may be there to make something; pages make nothing themselves, and ask nobody to. */
    private static function isThere(Application $app): bool
    {
        return self::isSet() && $app->runningInConsole();
    }

    private static function isSet(): bool
    {
        return config('reel.farm.redis') !== '';
    }
}
