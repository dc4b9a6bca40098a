<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\EagerSqliteConnection;
use App\Gateways\Drafting\Drafting;
use App\Gateways\Drafting\StandInWriter;
use App\Gateways\Voices\BuiltInNarrator;
use App\Gateways\Voices\DiphoneSpeaker;
use App\Gateways\Voices\VoiceCompany;
use App\Gateways\Voices\VoiceRates;
use App\Gateways\Voices\Voices;
use App\Intake\ScriptFiles;
use App\Library\LibraryShelf;
use App\Library\ShelfSource;
use App\Media\CaptionFace;
use App\Media\EncoderSlots;
use App\Media\KeyedLock;
use App\Media\MediaStore;
use App\Media\MediaTools;
use App\Media\Prober;
use App\Models\Batch;
use App\Models\Export;
use App\Models\Reading;
use App\Models\Scene;
use App\Models\Short;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ServiceProvider;

final class ReelServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor('sqlite', static fn ($pdo, $database, $prefix, $config): Connection => new EagerSqliteConnection($pdo, $database, $prefix, $config));
        $this->app->singleton(BuiltInNarrator::class);
        $this->app->singleton(Voices::class, VoiceCompany::class);
        $this->app->when(DiphoneSpeaker::class)->needs('$program')->give(static fn (): string => config('reel.flite'));
        $this->app->singleton(VoiceRates::class);
        $this->app->bind(Drafting::class, StandInWriter::class);
        $this->app->bind(ShelfSource::class, LibraryShelf::class);
        $this->app->singleton(MediaStore::class, static fn (): MediaStore => new MediaStore(Storage::disk('media')));
        $this->app->when(ScriptFiles::class)->needs('$mostBytes')->giveConfig('reel.upload.script_bytes');
        $this->app->when(ScriptFiles::class)->needs('$mostScripts')->giveConfig('reel.most_scripts');
        $this->app->bind(KeyedLock::class, static fn (): KeyedLock => new KeyedLock(storage_path('locks')));
        $this->app->singleton(MediaTools::class, static fn (): MediaTools => new MediaTools(
            config('reel.ffmpeg'),
            config('reel.ffprobe'),
            config('reel.fonts').'/fonts.conf',
        ));
        $this->app->singleton(Prober::class, static fn (Application $app): Prober => new Prober($app->make(MediaTools::class), config('reel.upload')));
        $this->app->singleton(CaptionFace::class, static fn (): CaptionFace => new CaptionFace(config('reel.caption_face'), config('reel.caption_family')));
        $this->app->singleton(EncoderSlots::class, static fn (): EncoderSlots => new EncoderSlots(
            storage_path('locks'),
            config('reel.encoders') > 0 ? config('reel.encoders') : self::cores(),
        ));
    }

    public function boot(): void
    {
        Paginator::useBootstrapFive();
        // Nobody reaches another's batches, whatever number is in the address.
        Route::bind('batch', static fn (string $id): Batch => Batch::query()->where('user_id', Auth::id())->findOrFail((int) $id));
        Route::bind('short', static fn (string $id): Short => Short::query()->whereRelation('batch', 'user_id', Auth::id())->findOrFail((int) $id));
        Route::bind('scene', static fn (string $id): Scene => Scene::query()->whereRelation('short.batch', 'user_id', Auth::id())->findOrFail((int) $id));
        Route::bind('reading', static fn (string $id): Reading => Reading::query()->whereRelation('short.batch', 'user_id', Auth::id())->findOrFail((int) $id));
        Route::bind('export', static fn (string $id): Export => Export::query()->whereRelation('short.batch', 'user_id', Auth::id())->findOrFail((int) $id));
    }

    private static function cores(): int
    {
        return max(1, (int) preg_match_all('/^processor\b/m', (string) @file_get_contents('/proc/cpuinfo')));
    }
}
