<?php

declare(strict_types=1);

namespace App\Doors\Providers;

use App\Desks\Editing\Seen;
use App\Desks\Intake\ScriptFiles;
use App\Desks\Outbox\OutboxEdits;
use App\Doors\Bench\DebianPackage;
use App\Doors\Http\LenientSessions;
use App\Doors\Http\Middleware\KnowsSignIns;
use App\Doors\Http\OnlyLooks;
use App\Doors\Http\Presenters\Masthead;
use App\Doors\Jobs\FencedConnector;
use App\Doors\Jobs\GiveWay;
use App\Doors\Jobs\Housekeeping;
use App\Doors\Jobs\Ordered;
use App\Doors\Jobs\QueuedOrders;
use App\Doors\Jobs\WorkerMark;
use App\Gateways\Animation\Animation;
use App\Gateways\Animation\StandInAnimation;
use App\Gateways\Outlets\OutletBook;
use App\Gateways\Painting\Pictures;
use App\Gateways\Painting\StandInPictures;
use App\Gateways\Service\ServiceCall;
use App\Gateways\Voices\BuiltInNarrator;
use App\Gateways\Voices\DiphoneSpeaker;
use App\Gateways\Voices\Outside\OutsideBook;
use App\Gateways\Voices\Outside\OutsideVoices;
use App\Gateways\Voices\Outside\VoiceCompany;
use App\Gateways\Voices\TakeSpeaker;
use App\Gateways\Voices\VoiceRates;
use App\Gateways\Voices\Voices;
use App\Gateways\Writing\ServiceWriter;
use App\Gateways\Writing\StandInWriter;
use App\Gateways\Writing\Writing;
use App\Ground\Database\EagerSqliteConnection;
use App\Ground\Database\UpgradeCopy;
use App\Ground\Database\WholeMigrator;
use App\Ground\Work\DiskRoom;
use App\Ground\Work\GivingWay;
use App\Ground\Work\Orders;
use App\Ground\Work\Urgency;
use App\Media\Analysis\InterestReader;
use App\Media\Artwork\CardPainter;
use App\Media\Artwork\EmojiLists;
use App\Media\Artwork\TypefaceBook;
use App\Media\Backup\Backup;
use App\Media\Decoding\Decoder;
use App\Media\Disk\DiskMeter;
use App\Media\Disk\FinishedDepot;
use App\Media\Farm\Farm;
use App\Media\Making\TakeSpeaking;
use App\Media\Probing\Prober;
use App\Media\Process\Confinement;
use App\Media\Process\EncoderSlots;
use App\Media\Process\MediaTools;
use App\Media\Store\KeptFiles;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\EffectBook;
use App\Shelves\Models\Access;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\ColourTable;
use App\Shelves\Models\Edit;
use App\Shelves\Models\Effect;
use App\Shelves\Models\Export;
use App\Shelves\Models\Footage;
use App\Shelves\Models\GuestLink;
use App\Shelves\Models\Logo;
use App\Shelves\Models\Music;
use App\Shelves\Models\Outlet;
use App\Shelves\Models\Pattern;
use App\Shelves\Models\Post;
use App\Shelves\Models\Reading;
use App\Shelves\Models\Recording;
use App\Shelves\Models\Role;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use App\Shelves\Models\Typeface;
use App\Shelves\Models\User;
use Illuminate\Auth\Events\Login;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsStarted;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Pagination\Paginator;
use Illuminate\Queue\Events\Looping;
use Illuminate\Queue\Queue as PayloadQueue;
use Illuminate\Session\FileSessionHandler;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class ReelServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        Connection::resolverFor(
            'sqlite',
            static fn ($pdo, $database, $prefix, $config): Connection => new EagerSqliteConnection(
                $pdo,
                $database,
                $prefix,
                $config,
            ),
        );
        $this->app->extend('migrator', static fn (Migrator $usual, Application $app): Migrator => new WholeMigrator(
            $app->make('migration.repository'),
            $app->make('db'),
            $app->make('files'),
            $app->make('events'),
        ));
        $this->app->singleton(InterestReader::class, fn (Application $app): InterestReader => new InterestReader(
            $app->make(MediaTools::class),
            $app->make(MediaStore::class),
            (string) config('reel.faces'),
        ));
        $this->app->bind(
            DebianPackage::class,
            static fn (): DebianPackage => new DebianPackage(base_path('var/debian')),
        );
        $this->app->singleton(
            Pictures::class,
            static fn (): Pictures => new StandInPictures((string) config('reel.svg')),
        );
        $this->app->bind(Animation::class, StandInAnimation::class);
        $this->app->singleton(BuiltInNarrator::class);
        $this->app->singleton(Voices::class, VoiceCompany::class);
        $this->app->when(DiphoneSpeaker::class)->needs('$program')->give(static fn (): string => config('reel.flite'));
        $this->app->when(OutsideBook::class)->needs('$file')->giveConfig('reel.voices');
        $this->app->when(OutletBook::class)->needs('$file')->giveConfig('reel.outlets');
        $this->app->when(OutletBook::class)->needs('$usual')
            ->give(static fn (): string => storage_path('outlets'));
        $this->app->when(OutsideVoices::class)
            ->needs(KeyedLock::class)
            ->give(static fn (): KeyedLock => new KeyedLock(storage_path('locks/voices')));
        $this->app->singleton(OutsideVoices::class);
        $this->app->singleton(VoiceRates::class);
        $this->app->bind(Writing::class, static fn (Application $app): Writing => config('reel.writer') === ''
            ? $app->make(StandInWriter::class)
            : new ServiceWriter(
                $app->make(ServiceCall::class),
                rtrim((string) config('reel.writer'), '/'),
                config('reel.writer_key') === '' ? [] : ['Authorization' => 'Bearer '.config('reel.writer_key')],
            ));
        $this->app->register(TranslatorServiceProvider::class);
        $this->app->bind(TakeSpeaking::class, TakeSpeaker::class);
        $this->app->register(FarmServiceProvider::class);
        $this->app->when([DiskMeter::class, Backup::class])->needs('$database')
            ->giveConfig('database.connections.sqlite.database');
        $this->app->bind(FinishedDepot::class, static fn (Application $app): FinishedDepot => self::finished(
            (string) config('reel.finished'), $app->make(MediaStore::class),
        ));
        $this->app->bind(Orders::class, QueuedOrders::class);
        $this->app->singleton(Urgency::class);
        $this->app->scoped(OutboxEdits::class);
        $this->app->singleton(Confinement::class);
        $this->app->singleton(GiveWay::class, static fn (): GiveWay => new GiveWay(storage_path('locks')));
        $this->app->bind(GivingWay::class, GiveWay::class);
        $this->app->singleton(
            WorkerMark::class,
            static fn (): WorkerMark => new WorkerMark(storage_path('locks/workers')),
        );
        $this->app->singleton(Housekeeping::class);
        $this->app->singleton(DiskRoom::class, static fn (): DiskRoom => new DiskRoom(
            [Storage::disk('media')->path(''), dirname((string) config('database.connections.sqlite.database'))],
            (int) config('reel.least_free_bytes'),
        ));
        $this->app->scoped(Registrar::class);
        $this->app->scoped(Seen::class);
        $this->app->singleton(MediaStore::class, static fn (): MediaStore => new MediaStore(Storage::disk('media')));
        $this->app->when(ScriptFiles::class)->needs('$mostBytes')->giveConfig('reel.upload.script_bytes');
        $this->app->when(ScriptFiles::class)->needs('$mostScripts')->giveConfig('reel.most_scripts');
        $this->app->bind(KeyedLock::class, static fn (): KeyedLock => new KeyedLock(storage_path('locks')));
        $this->app->singleton(
            MediaTools::class,
            static fn (Application $app): MediaTools => new MediaTools(
                config('reel.ffmpeg'),
                config('reel.ffprobe'),
                config('reel.fonts').'/fonts.conf',
                $app->make(Confinement::class),
            ),
        );
        $this->app->singleton(
            Prober::class,
            static fn (Application $app): Prober => new Prober(
                $app->make(MediaTools::class),
                $app->make(Decoder::class),
                config('reel.upload'),
            ),
        );
        $this->app->singleton(
            Decoder::class,
            static fn (Application $app): Decoder => new Decoder(
                $app->make(Confinement::class), base_path('bin/decode'), (string) config('reel.svg'),
            ),
        );
        $this->app->singleton(
            CardPainter::class,
            static fn (Application $app): CardPainter => new CardPainter(
                $app->make(MediaStore::class),
                $app->make(KeptFiles::class),
                $app->make(TypefaceBook::class),
                $app->make(MediaTools::class),
                (string) config('reel.svg'),
                resource_path('stickers'),
            ),
        );
        $this->app->singleton(
            EffectBook::class,
            static fn (Application $app): EffectBook => new EffectBook(
                $app->make(MediaStore::class),
                resource_path('sounds'),
            ),
        );
        $this->app->singleton(
            TypefaceBook::class,
            static fn (Application $app): TypefaceBook => new TypefaceBook(
                $app->make(MediaStore::class),
                config('reel.fonts'),
            ),
        );
        $this->app->singleton(
            EmojiLists::class,
            static fn (): EmojiLists => new EmojiLists(config('reel.emoji')),
        );
        $this->app->singleton(
            EncoderSlots::class,
            static fn (Application $app): EncoderSlots => new EncoderSlots(
                storage_path('locks'),
                config('reel.encoders') > 0 ? config('reel.encoders') : self::cores(),
                $app->make(Urgency::class),
            ),
        );
    }

    public function boot(): void
    {
        // A value that a model does not take is a fault of ours, and no detail.
        Model::preventSilentlyDiscardingAttributes();
        Paginator::useBootstrapFive();
        if (config('reel.accel') === true) {
            BinaryFileResponse::trustXSendfileTypeHeader();
        }
        Queue::addConnector('database', fn () => $this->app->make(FencedConnector::class));
        PayloadQueue::createPayloadUsing(null);
        PayloadQueue::createPayloadUsing(static fn (string $connection, ?string $queue, array $payload): array => [
            'about' => ($payload['data']['command'] ?? null) instanceof Ordered
                ? $payload['data']['command']->about()
                : null,
        ]);
        Event::listen(MigrationsStarted::class, UpgradeCopy::class);
        Event::listen(Login::class, static function (Login $login): void {
            $login->user instanceof User && KnowsSignIns::began($login->user, request());
        });
        Event::listen(Looping::class, function (): ?bool {
            // One that waits for work is seen to be there, too.
            $this->app->make(WorkerMark::class)->name();

            return $this->app->make(Housekeeping::class)->look();
        });
        // Nobody reaches what is another's, whatever number is in the address.
        foreach ([
            'channel' => [Channel::class, ''],
            'batch' => [Batch::class, 'channel'],
            'short' => [Short::class, 'batch.channel'],
            'scene' => [Scene::class, 'short.batch.channel'],
            'reading' => [Reading::class, 'short.batch.channel'],
            'recording' => [Recording::class, 'short.batch.channel'],
            'export' => [Export::class, 'short.batch.channel'],
            'footage' => [Footage::class, 'channel'],
            'face' => [Typeface::class, 'channel'],
            'music' => [Music::class, 'channel'],
            'effect' => [Effect::class, 'channel'],
            'table' => [ColourTable::class, 'channel'],
            'logo' => [Logo::class, 'channel'],
            'pattern' => [Pattern::class, 'channel'],
            'guestLink' => [GuestLink::class, 'batch.channel'],
            'outlet' => [Outlet::class, 'channel'],
            'post' => [Post::class, 'outlet.channel'],
        ] as $name => [$class, $way]) {
            Route::bind($name, static fn (string $id): Model => self::own($class, $way, $id));
        }
        Route::bind('edit', static function (string $id): Edit {
            $edit = Edit::query()->findOrFail(ctype_digit($id) ? $id : 0);

            abort_unless(Access::channels(self::user())->whereKey($edit->channel_id)->exists(), 404);
            self::mayChange((int) $edit->channel_id);

            return $edit;
        });
        View::composer('layouts.app', function (ViewContract $view): void {
            $room = $this->app->make(DiskRoom::class);
            $view->with('noRoom', $room->isShort() ? $room->sentence() : '');
        });
        Session::extend('lenient', fn (): LenientSessions => new LenientSessions(new FileSessionHandler(
            $this->app->make(Filesystem::class),
            (string) config('session.files'),
            (int) config('session.lifetime'),
        )));
        View::composer('layouts.app', static function (ViewContract $view): void {
            $user = Auth::user();
            $view->with('masthead', $user instanceof User ? Masthead::of($user, request()) : null);
        });
    }

    /**
     * @param  class-string<Model>  $class
     * @param  string  $way  to the channel it belongs to; empty for a channel
     */
    private static function own(string $class, string $way, string $id): Model
    {
        $query = $class::query();
        $mine = $way === ''
            ? Access::within($query, self::user())
            : $query->whereHas($way, static fn (Builder $channels) => Access::within($channels, self::user()));
        // What is lent to all channels of an account is seen by whoever works in one of them.
        if ($way === 'channel' && method_exists($class, 'at') && request()->isMethodSafe()) {
            $mine = $class::query()->where(static fn (Builder $either) => $either
                ->whereHas('channel', static fn (Builder $of) => Access::within($of, self::user()))
                ->orWhere(static fn (Builder $lent) => $lent->where('shared', true)->whereHas(
                    'channel', static fn (Builder $of) => $of->whereIn(
                        'user_id', Access::channels(self::user())->select('user_id'),
                    ),
                )));
        }
        $found = $mine->findOrFail(ctype_digit($id) ? $id : 0);
        $holder = $found;
        foreach ($way === '' ? [] : array_slice(explode('.', $way), 0, -1) as $step) {
            $holder = $holder->getRelationValue($step);
        }
        self::mayChange((int) ($way === '' ? $found->getKey() : data_get($holder, 'channel_id')));

        return $found;
    }

    private static function user(): ?int
    {
        $id = Auth::id();

        return $id === null ? null : (int) $id;
    }

    /** Who may only look changes nothing of a channel, whatever address is asked. */
    private static function mayChange(int $channel): void
    {
        if (OnlyLooks::changes(request()) && Access::role(self::user(), $channel) === Role::Look) {
            OnlyLooks::refuse();
        }
    }

    private static function cores(): int
    {
        return max(1, (int) preg_match_all('/^processor\b/m', (string) @file_get_contents('/proc/cpuinfo')));
    }

    /** Where finished files go by age. */
    private static function finished(string $told, MediaStore $store): FinishedDepot
    {
        return match ($told) {
            '' => FinishedDepot::none($store),
            Farm::BUCKET => FinishedDepot::bucket($store, Storage::disk(Farm::BUCKET)),
            // What builds a folder's disk makes the folder, and so would hide that a disk is not mounted.
            default => is_dir($told) ? FinishedDepot::folder($store, new MediaStore(
                Storage::build(['driver' => 'local', 'root' => $told, 'throw' => true]),
            )) : FinishedDepot::away($store, $told),
        };
    }
}
