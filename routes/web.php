<?php

declare(strict_types=1);

use App\Doors\Http\Controllers\BatchController;
use App\Doors\Http\Controllers\BriefController;
use App\Doors\Http\Controllers\CalendarController;
use App\Doors\Http\Controllers\CaptionController;
use App\Doors\Http\Controllers\CardController;
use App\Doors\Http\Controllers\ChannelController;
use App\Doors\Http\Controllers\ChoiceController;
use App\Doors\Http\Controllers\DiskController;
use App\Doors\Http\Controllers\ExportController;
use App\Doors\Http\Controllers\FootageController;
use App\Doors\Http\Controllers\ForgottenController;
use App\Doors\Http\Controllers\FramingController;
use App\Doors\Http\Controllers\GuestController;
use App\Doors\Http\Controllers\HelpController;
use App\Doors\Http\Controllers\HelpersController;
use App\Doors\Http\Controllers\HistoryController;
use App\Doors\Http\Controllers\HouseController;
use App\Doors\Http\Controllers\IntakeController;
use App\Doors\Http\Controllers\LogoController;
use App\Doors\Http\Controllers\MachineController;
use App\Doors\Http\Controllers\MemberController;
use App\Doors\Http\Controllers\OutboxController;
use App\Doors\Http\Controllers\OutletController;
use App\Doors\Http\Controllers\PaceController;
use App\Doors\Http\Controllers\PasswordController;
use App\Doors\Http\Controllers\PatternController;
use App\Doors\Http\Controllers\PostController;
use App\Doors\Http\Controllers\QueueController;
use App\Doors\Http\Controllers\ResultsController;
use App\Doors\Http\Controllers\ReviewController;
use App\Doors\Http\Controllers\ReviewRulesController;
use App\Doors\Http\Controllers\SceneController;
use App\Doors\Http\Controllers\SettingsController;
use App\Doors\Http\Controllers\SheetController;
use App\Doors\Http\Controllers\ShortController;
use App\Doors\Http\Controllers\ShortVoiceController;
use App\Doors\Http\Controllers\SignInController;
use App\Doors\Http\Controllers\SketchController;
use App\Doors\Http\Controllers\SoundController;
use App\Doors\Http\Controllers\StyleController;
use App\Doors\Http\Controllers\TableController;
use App\Doors\Http\Controllers\TargetController;
use App\Doors\Http\Controllers\TypefaceController;
use App\Doors\Http\Controllers\UploadController;
use App\Doors\Http\Controllers\VersionController;
use App\Doors\Http\Controllers\VoiceController;
use App\Doors\Http\Middleware\EntersChannel;
use App\Doors\Http\Middleware\GuestPass;
use App\Doors\Http\Middleware\KnowsSignIns;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store'])->name('sign-in.try');
    Route::get('/forgotten', [ForgottenController::class, 'show'])->name('forgotten');
    Route::post('/forgotten', [ForgottenController::class, 'send'])->middleware('throttle:6,1')->name('forgotten.send');
    Route::get('/forgotten/{user}', [ForgottenController::class, 'choose'])->where('user', '[0-9]{1,18}')
        ->middleware('throttle:30,1')->name('forgotten.choose');
    Route::post('/forgotten/{user}', [ForgottenController::class, 'keep'])->where('user', '[0-9]{1,18}')
        ->middleware('throttle:30,1')->name('forgotten.keep');
});

Route::get('/guest/in/{token}', [GuestController::class, 'enter'])->where('token', '[A-Za-z0-9]{40}')
    ->middleware('throttle:30,1')->name('guest.enter');
Route::middleware(GuestPass::class)->group(function (): void {
    Route::get('/guest', [GuestController::class, 'show'])->name('guest.show');
    Route::get('/guest/state', [GuestController::class, 'state'])->name('guest.state');
    Route::get('/guest/shorts/{number}/look', [GuestController::class, 'one'])
        ->where('number', '[0-9]{1,18}')->name('guest.one');
    Route::post('/guest/shorts/{number}/look', [GuestController::class, 'decide'])
        ->where('number', '[0-9]{1,18}')->name('guest.decide');
    Route::get('/guest/shorts/{number}/file.mp4', [GuestController::class, 'file'])
        ->where('number', '[0-9]{1,18}')->name('guest.file');
});

Route::get('/join/{token}', [MemberController::class, 'show'])->where('token', '[A-Za-z0-9]{40}')
    ->middleware('throttle:30,1')->name('join');
Route::post('/join/{token}', [MemberController::class, 'join'])->where('token', '[A-Za-z0-9]{40}')
    ->middleware('throttle:30,1')->name('join.go');
Route::middleware(['auth', 'auth.session', KnowsSignIns::class, EntersChannel::class])->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');

    Route::get('/password', [PasswordController::class, 'show'])->name('password');
    Route::put('/password', [PasswordController::class, 'update'])->name('password.change');

    Route::get('/', [BatchController::class, 'index'])->name('batches.index');
    Route::post('/batches', [BatchController::class, 'store'])->name('batches.store');
    Route::get('/batches/{batch}', [BatchController::class, 'show'])->name('batches.show');
    Route::get('/batches/{batch}/field/{setting}', [BatchController::class, 'field'])
        ->where('setting', '[a-z_]{1,40}')->name('batches.field');
    Route::get('/batches/{batch}/state', [BatchController::class, 'state'])->name('batches.state');
    Route::post('/batches/{batch}/exports', [BatchController::class, 'export'])->name('batches.export');
    Route::post('/batches/{batch}/cancel', [BatchController::class, 'cancel'])->name('batches.cancel');
    Route::post('/batches/{batch}/acts', [BatchController::class, 'act'])->name('batches.act');
    Route::get('/batches/{batch}/pace', [PaceController::class, 'show'])->name('pace.show');
    Route::post('/batches/{batch}/pace', [BatchController::class, 'pace'])->name('batches.pace');
    Route::post('/batches/{batch}/undo', [BatchController::class, 'undo'])->name('batches.undo');
    Route::post('/batches/{batch}/redo', [BatchController::class, 'redo'])->name('batches.redo');
    Route::get('/batches/{batch}/briefs', [BatchController::class, 'briefs'])->name('batches.briefs');
    Route::get('/batches/{batch}/download', [BatchController::class, 'download'])->name('batches.download');

    Route::get('/batches/{batch}/review', [ReviewController::class, 'show'])->name('review.show');
    Route::get('/batches/{batch}/review/state', [ReviewController::class, 'state'])->name('review.state');
    Route::post('/batches/{batch}/review/mend', [ReviewController::class, 'mend'])->name('review.mend');
    Route::get('/batches/{batch}/contact.{form}', [ReviewController::class, 'contact'])
        ->whereIn('form', ['html', 'png'])->name('review.contact');
    Route::post('/batches/{batch}/guests', [GuestController::class, 'store'])->name('guests.store');
    Route::delete('/guests/{guestLink}', [GuestController::class, 'destroy'])->name('guests.destroy');
    Route::get('/shorts/{short}/review', [ReviewController::class, 'one'])->name('review.one');
    Route::get('/shorts/{short}/review/mend', [ReviewController::class, 'preview'])->name('review.preview');
    Route::post('/shorts/{short}/review', [ReviewController::class, 'decide'])->name('review.decide');

    Route::get('/intake', [IntakeController::class, 'show'])->name('intake');
    Route::post('/intake/preview', [IntakeController::class, 'preview'])->name('intake.preview');
    Route::post('/intake/say', [IntakeController::class, 'say'])->name('intake.say');
    Route::post('/intake/keep', [IntakeController::class, 'keep'])->name('intake.keep');
    Route::post('/intake/files', [IntakeController::class, 'files'])->name('intake.files');

    Route::get('/voices', [VoiceController::class, 'index'])->name('voices.index');
    Route::post('/voices/say', [VoiceController::class, 'say'])->name('voices.say');
    Route::get('/voices/said/{token}', [VoiceController::class, 'said'])->name('voices.said');
    Route::get('/voices/{voice}/sample', [VoiceController::class, 'sample'])->name('voices.sample');

    Route::get('/shorts/{short}', [ShortController::class, 'show'])->name('shorts.show');
    Route::get('/shorts/{short}/state', [ShortController::class, 'state'])->name('shorts.state');
    Route::post('/shorts/{short}/exports', [ShortController::class, 'export'])->name('shorts.export');
    Route::get('/shorts/{short}/script', [ShortController::class, 'script'])->name('shorts.script');
    Route::post('/shorts/{short}/say', [ShortController::class, 'say'])->name('shorts.say');
    Route::post('/shorts/{short}/hook', [ShortController::class, 'hook'])->name('shorts.hook');
    Route::post('/shorts/{short}/undo', [ShortController::class, 'undo'])->name('shorts.undo');
    Route::post('/shorts/{short}/redo', [ShortController::class, 'redo'])->name('shorts.redo');
    Route::get('/shorts/{short}/edits/{edit}', [HistoryController::class, 'show'])->name('history.show');
    Route::post('/shorts/{short}/edits/{edit}', [HistoryController::class, 'restore'])->name('history.restore');
    Route::get('/shorts/{short}/briefs', [BriefController::class, 'show'])->name('briefs.show');
    Route::post('/shorts/{short}/pictures', [BriefController::class, 'bring'])->name('briefs.bring');
    Route::post('/shorts/{short}/pictures/made', [BriefController::class, 'make'])->name('briefs.make');
    Route::get('/shorts/{short}/pictures/made', [BriefController::class, 'made'])->name('briefs.made');
    Route::get('/shorts/{short}/briefs.{kind}', [BriefController::class, 'file'])
        ->whereIn('kind', ['txt', 'csv'])->name('briefs.file');

    Route::get('/shorts/{short}/voice', [ShortVoiceController::class, 'show'])->name('voice.show');
    Route::get('/shorts/{short}/voice/state', [ShortVoiceController::class, 'state'])->name('voice.state');
    Route::post('/shorts/{short}/recordings', [ShortVoiceController::class, 'record'])->name('voice.record');
    Route::delete('/recordings/{recording}', [ShortVoiceController::class, 'removeRecording'])
        ->name('recordings.destroy');
    Route::post('/recordings/{recording}', [ShortVoiceController::class, 'again'])->name('recordings.again');
    Route::post('/shorts/{short}/readings', [ShortVoiceController::class, 'acceptAll'])->name('readings.all');
    Route::post('/readings/{reading}', [ShortVoiceController::class, 'accept'])->name('readings.accept');
    Route::delete('/readings/{reading}', [ShortVoiceController::class, 'drop'])->name('readings.drop');
    Route::put('/readings/{reading}/words/{word}', [ShortVoiceController::class, 'pin'])
        ->where('word', '[0-9]{1,6}')->name('readings.pin');
    Route::put('/scenes/{scene}/pauses', [ShortVoiceController::class, 'spare'])->name('scenes.spare');
    Route::get('/scenes/{scene}/take', [ShortVoiceController::class, 'take'])->name('scenes.take');
    Route::get('/scenes/{scene}/take.wav', [ShortVoiceController::class, 'sound'])->name('scenes.sound');

    Route::get('/shorts/{short}/versions', [VersionController::class, 'show'])->name('versions.show');
    Route::get('/shorts/{short}/versions/state', [VersionController::class, 'state'])->name('versions.state');
    Route::post('/shorts/{short}/versions', [VersionController::class, 'make'])->name('versions.make');
    Route::delete('/shorts/{short}/versions', [VersionController::class, 'forget'])->name('versions.forget');
    Route::post('/shorts/{short}/translation/update', [VersionController::class, 'bring'])->name('versions.bring');
    Route::put('/shorts/{short}/translation', [VersionController::class, 'say'])->name('versions.say');
    Route::post('/shorts/{short}/translation', [VersionController::class, 'take'])->name('versions.take');
    Route::put('/shorts/{short}/glossary', [VersionController::class, 'glossary'])->name('versions.glossary');
    Route::get('/shorts/{short}/translation.{kindOf}', [VersionController::class, 'file'])
        ->whereIn('kindOf', ['xlf', 'csv'])->name('versions.file');
    Route::get('/batches/{batch}/versions', [VersionController::class, 'batch'])->name('versions.batch');
    Route::post('/batches/{batch}/versions', [VersionController::class, 'makeAll'])->name('versions.all');

    Route::get('/shorts/{short}/captions', [CaptionController::class, 'show'])->name('captions.show');
    Route::get('/shorts/{short}/captions/state', [CaptionController::class, 'state'])->name('captions.state');
    Route::post('/shorts/{short}/captions/file', [CaptionController::class, 'import'])->name('captions.import');
    Route::post('/shorts/{short}/captions/mend', [CaptionController::class, 'mend'])->name('captions.mend');
    Route::get('/shorts/{short}/captions.{format}', [CaptionController::class, 'file'])
        ->whereIn('format', ['srt', 'vtt', 'ass'])->name('captions.file');
    Route::post('/scenes/{scene}/captions', [CaptionController::class, 'change'])->name('captions.change');
    Route::post('/shorts/{short}/proof', [CaptionController::class, 'order'])->name('proofs.order');
    Route::get('/shorts/{short}/proof.mp4', [CaptionController::class, 'proof'])->name('proofs.file');
    Route::get('/shorts/{short}/proof/{which}.jpg', [StyleController::class, 'picture'])
        ->whereIn('which', ['dark', 'bright', 'busy'])->name('proofs.picture');
    Route::post('/shorts/{short}/style', [StyleController::class, 'store'])->name('styles.store');
    Route::post('/shorts/{short}/pattern', [PatternController::class, 'store'])->name('patterns.store');
    Route::delete('/patterns/{pattern}', [PatternController::class, 'destroy'])->name('patterns.destroy');
    Route::get('/house/captions', [StyleController::class, 'index'])->name('styles');
    Route::delete('/house/captions/{style}', [StyleController::class, 'destroy'])
        ->where('style', 'own-[a-z0-9-]{1,40}')->name('styles.destroy');
    Route::get('/house/review', [ReviewRulesController::class, 'index'])->name('rules.index');
    Route::put('/house/review', [ReviewRulesController::class, 'update'])->name('rules.update');
    Route::get('/house/targets', [TargetController::class, 'index'])->name('targets.index');
    Route::post('/house/targets', [TargetController::class, 'store'])->name('targets.store');
    Route::delete('/house/targets/{target}', [TargetController::class, 'destroy'])
        ->where('target', 'own-[a-z0-9-]{1,40}')->name('targets.destroy');
    Route::post('/house/logos', [LogoController::class, 'store'])->name('logos.store');
    Route::get('/house/logos/{logo}', [LogoController::class, 'file'])->name('logos.file');
    Route::delete('/house/logos/{logo}', [LogoController::class, 'destroy'])->name('logos.destroy');
    Route::post('/house/tables', [TableController::class, 'store'])->name('tables.store');
    Route::delete('/house/tables/{table}', [TableController::class, 'destroy'])->name('tables.destroy');
    Route::post('/faces', [TypefaceController::class, 'store'])->name('faces.store');
    Route::get('/faces/{id}', [TypefaceController::class, 'file'])->where('id', '[a-z0-9-]{1,40}')->name('faces.file');
    Route::delete('/house/faces/{face}', [TypefaceController::class, 'destroy'])->name('faces.destroy');

    Route::get('/shorts/{short}/sheet', [SheetController::class, 'show'])->name('sheet.show');
    Route::get('/shorts/{short}/sheet/state', [SheetController::class, 'state'])->name('sheet.state');
    Route::get('/shorts/{short}/sheet/{half}.flac', [SheetController::class, 'half'])
        ->whereIn('half', ['rest', 'bed'])->name('sheet.half');
    Route::get('/shorts/{short}/sheet/heard', [SheetController::class, 'heard'])->name('sheet.heard');
    Route::get('/shorts/{short}/sheet/wave', [SheetController::class, 'wave'])->name('sheet.wave');
    Route::post('/scenes/{scene}/words/{word}/sound', [SheetController::class, 'sound'])
        ->where('word', '[0-9]{1,6}')->name('scenes.sounds');
    Route::post('/scenes/{scene}/words/{word}/cards', [CardController::class, 'store'])
        ->where('word', '[0-9]{1,6}')->name('cards.store');
    Route::put('/scenes/{scene}/cards/{number}', [CardController::class, 'update'])
        ->where('number', '[0-9]{1,3}')->name('cards.update');
    Route::delete('/scenes/{scene}/cards/{number}', [CardController::class, 'destroy'])
        ->where('number', '[0-9]{1,3}')->name('cards.destroy');
    Route::get('/shorts/{short}/cards/{key}.png', [CardController::class, 'picture'])
        ->where('key', '[0-9a-f]{32}')->name('cards.picture');
    Route::get('/stickers/{sticker}.svg', [CardController::class, 'sticker'])
        ->where('sticker', '[a-z-]{1,20}')->name('stickers.file');
    Route::post('/scenes/{scene}/shots/{word}', [SheetController::class, 'shot'])
        ->where('word', '[0-9]{1,6}')->name('scenes.shot');

    Route::get('/scenes/{scene}/shots/{word}/here', [SheetController::class, 'here'])
        ->where('word', '[0-9]{1,6}')->name('sheet.here');

    Route::put('/scenes/{scene}', [SceneController::class, 'reword'])->name('scenes.reword');
    Route::post('/scenes/{scene}', [SceneController::class, 'change'])->name('scenes.change');
    Route::put('/scenes/{scene}/brief', [SceneController::class, 'brief'])->name('scenes.brief');
    Route::put('/scenes/{scene}/shots/{word}', [SceneController::class, 'swap'])
        ->where('word', '[0-9]{1,6}')
        ->name('scenes.swap');

    Route::get('/scenes/{scene}/shots/{word}/best', [SceneController::class, 'best'])
        ->where('word', '[0-9]{1,6}')->name('scenes.best');
    Route::delete('/scenes/{scene}/shots/{word}', [SceneController::class, 'free'])
        ->where('word', '[0-9]{1,6}')->name('scenes.free');
    Route::get('/scenes/{scene}/shots/{word}', [FramingController::class, 'show'])
        ->where('word', '[0-9]{1,6}')->name('framing.show');
    Route::get('/scenes/{scene}/shots/{word}/state', [FramingController::class, 'state'])
        ->where('word', '[0-9]{1,6}')->name('framing.state');
    Route::post('/scenes/{scene}/shots/{word}/pins', [FramingController::class, 'pin'])
        ->where('word', '[0-9]{1,6}')->name('framing.pin');

    Route::get('/machine', [MachineController::class, 'show'])->name('machine');
    Route::get('/machine/helpers', [HelpersController::class, 'show'])->name('machine.helpers');
    Route::get('/machine/helpers/state', [HelpersController::class, 'state'])->name('machine.helpers.state');
    Route::put('/machine/helpers/{name}', [HelpersController::class, 'update'])->where('name', '[A-Za-z0-9-]{1,40}')
        ->name('machine.helpers.update');
    Route::get('/machine/disk', [DiskController::class, 'show'])->name('machine.disk');
    Route::get('/machine/disk/state', [DiskController::class, 'state'])->name('machine.disk.state');
    Route::put('/machine/disk', [DiskController::class, 'update'])->name('machine.disk.update');
    Route::post('/machine/disk', [DiskController::class, 'act'])->name('machine.disk.act');
    Route::get('/help', [HelpController::class, 'show'])->name('help');
    Route::get('/help/{picture}', [HelpController::class, 'picture'])
        ->where('picture', '[a-z-]{1,40}\.png')->name('help.picture');

    Route::get('/sketches', [SketchController::class, 'show'])->name('sketches');
    Route::post('/sketches', [SketchController::class, 'store'])->name('sketches.store');
    Route::post('/sketches/reworded', [SketchController::class, 'reword'])->name('sketches.reword');
    Route::post('/sketches/condensed', [SketchController::class, 'condense'])->name('sketches.condense');

    Route::get('/house', [HouseController::class, 'show'])->name('house');
    Route::get('/house/state', [HouseController::class, 'state'])->name('house.state');
    Route::post('/house/apply/{batch}', [HouseController::class, 'apply'])->name('house.apply');
    Route::put('/house', [HouseController::class, 'update'])->name('house.update');
    Route::get('/house/file', [HouseController::class, 'pack'])->name('house.pack');
    Route::post('/house/file', [HouseController::class, 'unpack'])->name('house.unpack');
    foreach (['look', 'framing', 'transition'] as $setting) {
        Route::get("/house/$setting/{footage}/{choice}.jpg", [ChoiceController::class, $setting])
            ->where('choice', '[a-z-]{1,20}')->name("choices.$setting");
    }
    Route::post('/house/begin', [HouseController::class, 'begin'])->name('house.begin');
    Route::post('/house/undo', [HouseController::class, 'undo'])->name('house.undo');
    Route::post('/house/redo', [HouseController::class, 'redo'])->name('house.redo');
    Route::put('/settings', [SettingsController::class, 'set'])->name('settings');
    Route::get('/settings/{level}/{of}', [SettingsController::class, 'show'])
        ->whereIn('level', ['batch', 'short', 'scene', 'shot'])->where('of', '[0-9]{1,18}')->name('settings.panel');
    Route::get('/channels', [ChannelController::class, 'index'])->name('channels.index');
    Route::get('/channels/log', [ChannelController::class, 'log'])->name('channels.log');
    Route::post('/channels/{channel}/invitations', [MemberController::class, 'invite'])->name('members.invite');
    Route::post('/channels/{channel}/leave', [MemberController::class, 'leave'])->name('members.leave');
    Route::delete('/members/{member}', [MemberController::class, 'remove'])->where('member', '[0-9]{1,18}')
        ->name('members.destroy');
    Route::delete('/invitations/{invitation}', [MemberController::class, 'withdraw'])
        ->where('invitation', '[0-9]{1,18}')->name('invitations.destroy');
    Route::delete('/sign-ins/{signIn}', [PasswordController::class, 'end'])->where('signIn', '[0-9]{1,18}')
        ->name('sign-ins.end');
    Route::post('/channels', [ChannelController::class, 'store'])->name('channels.store');
    Route::post('/channels/{channel}/enter', [ChannelController::class, 'enter'])->name('channels.enter');
    Route::get('/sounds', [SoundController::class, 'index'])->name('sounds.index');
    Route::post('/sounds/starter', [SoundController::class, 'starter'])->name('sounds.starter');
    Route::post('/sounds', [SoundController::class, 'store'])->name('sounds.store');
    Route::put('/music/{music}', [SoundController::class, 'update'])->name('music.update');
    Route::delete('/music/{music}', [SoundController::class, 'destroy'])->name('music.destroy');
    Route::get('/music/{music}/file', [SoundController::class, 'file'])->name('music.file');
    Route::get('/effects/{sound}/file', [SoundController::class, 'effect'])
        ->where('sound', '[a-z]{1,20}|own-[0-9]{1,18}')->name('effects.file');
    Route::delete('/effects/{effect}', [SoundController::class, 'destroyEffect'])->name('effects.destroy');
    Route::put('/music/{music}/share', [ChannelController::class, 'share'])->name('music.share');

    Route::get('/batches/{batch}/queue', [QueueController::class, 'show'])->name('queue.show');
    Route::get('/batches/{batch}/queue/state', [QueueController::class, 'state'])->name('queue.state');
    Route::post('/batches/{batch}/queue', [QueueController::class, 'act'])->name('queue.act');
    Route::post('/exports/{export}/place', [QueueController::class, 'one'])->name('queue.one');
    Route::post('/exports/{export}/cancel', [ExportController::class, 'cancel'])->name('exports.cancel');
    Route::get('/exports/{export}/poster', [ExportController::class, 'poster'])->name('exports.poster');
    Route::get('/exports/{export}/{extension}', [ExportController::class, 'file'])->name('exports.file');

    Route::get('/outlets', [OutletController::class, 'index'])->name('outlets.index');
    Route::post('/outlets', [OutletController::class, 'store'])->name('outlets.store');
    Route::get('/outlets/back', [OutletController::class, 'back'])->name('outlets.back');
    Route::put('/outlets/{outlet}', [OutletController::class, 'update'])->name('outlets.update');
    Route::delete('/outlets/{outlet}', [OutletController::class, 'destroy'])->name('outlets.destroy');
    Route::post('/outlets/{outlet}/hold', [OutletController::class, 'hold'])->name('outlets.hold');
    Route::post('/outlets/{outlet}/sign-in', [OutletController::class, 'signIn'])->name('outlets.sign-in');
    Route::post('/outlets/{outlet}/sign-out', [OutletController::class, 'signOut'])->name('outlets.sign-out');
    Route::get('/batches/{batch}/outbox', [OutboxController::class, 'show'])->name('outbox.show');
    Route::get('/batches/{batch}/outbox/state', [OutboxController::class, 'state'])->name('outbox.state');
    Route::post('/batches/{batch}/outbox', [OutboxController::class, 'act'])->name('outbox.act');
    Route::post('/batches/{batch}/outbox/cells', [OutboxController::class, 'cells'])->name('outbox.cells');
    Route::get('/batches/{batch}/outbox.csv', [OutboxController::class, 'file'])->name('outbox.file');
    Route::post('/batches/{batch}/outbox.csv', [OutboxController::class, 'take'])->name('outbox.take');
    Route::post('/posts/{post}', [PostController::class, 'act'])->name('posts.act');
    Route::get('/shorts/{short}/covers/{outlet}', [PostController::class, 'covers'])->name('posts.covers');
    Route::put('/shorts/{short}/covers/{outlet}', [PostController::class, 'choose'])->name('posts.choose');
    Route::get('/shorts/{short}/covers/{outlet}/picture', [PostController::class, 'picture'])->name('posts.picture');
    Route::get('/calendar', [CalendarController::class, 'show'])->name('calendar.show');
    Route::get('/calendar/state', [CalendarController::class, 'state'])->name('calendar.state');
    Route::post('/calendar/undo', [CalendarController::class, 'undo'])->name('calendar.undo');
    Route::post('/calendar/redo', [CalendarController::class, 'redo'])->name('calendar.redo');
    Route::get('/calendar.ics', [CalendarController::class, 'file'])->name('calendar.file');
    Route::get('/results', [ResultsController::class, 'show'])->name('results.show');
    Route::post('/results/ask', [ResultsController::class, 'ask'])->name('results.ask');
    Route::post('/results/table', [ResultsController::class, 'table'])->name('results.table');
    Route::post('/posts/{post}/next', [ResultsController::class, 'next'])->name('results.next');

    Route::get('/footage', [FootageController::class, 'index'])->name('footage.index');
    Route::post('/footage', [FootageController::class, 'store'])->name('footage.store');
    Route::post('/footage/act', [FootageController::class, 'act'])->name('footage.act');
    Route::post('/uploads', [UploadController::class, 'begin'])->name('uploads.begin');
    Route::match(['head', 'get'], '/uploads/{upload}', [UploadController::class, 'state'])->name('uploads.state');
    Route::patch('/uploads/{upload}', [UploadController::class, 'append'])->name('uploads.append');
    Route::delete('/uploads/{upload}', [UploadController::class, 'drop'])->name('uploads.drop');
    Route::get('/footage/picker', [FootageController::class, 'picker'])->name('footage.picker');
    Route::put('/footage/{footage}', [FootageController::class, 'update'])->name('footage.update');
    Route::delete('/footage/{footage}', [FootageController::class, 'dismiss'])->name('footage.dismiss');
    Route::post('/footage/{footage}/again', [FootageController::class, 'again'])->name('footage.again');
    Route::get('/footage/{footage}/thumbnail', [FootageController::class, 'thumbnail'])->name('footage.thumbnail');
    Route::get('/footage/{footage}/file', [FootageController::class, 'file'])->name('footage.file');
});
