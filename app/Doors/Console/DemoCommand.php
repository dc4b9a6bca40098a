<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Editing\BatchMaker;
use App\Desks\Exporting\ExportDesk;
use App\Desks\Intake\ScriptFiles;
use App\Desks\Translating\VersionDesk;
use App\Gateways\Outlets\OutletBook;
use App\Gateways\Voices\VoiceRates;
use App\Gateways\Voices\VoiceSamples;
use App\Ground\Work\Orders;
use App\Shelves\Library\FolderShelf;
use App\Shelves\Library\FootageImporter;
use App\Shelves\Library\SoundDesk;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RapidReel\Making\Render\Quality;
use RapidReel\Text\Translation\Version\VersionWay;

final class DemoCommand extends Command
{
    private const STYLE = 'engraving in ink and lamplight, deep shadows, muted blue and amber';

    private const FIGURES = "Josse Arden = a lean keeper of sixty, white beard, blue cap\n"
        .'Ada Fenn = a girl of nine, brown braids, red coat';

    protected $signature = 'reel:demo';

    protected $description = 'Puts the demo account, footage, music and voice samples in place; what is there stays as '
        .'it is';

    public function handle(
        FootageImporter $importer,
        SoundDesk $sounds,
        VoiceSamples $samples,
        VoiceRates $rates,
    ): int {
        $folder = (string) config('reel.demo_footage');
        $account = (array) config('reel.demo_account');
        $user = User::query()->firstOrCreate(
            ['email' => $account['email']],
            ['name' => 'Lamplight Log', 'password' => $account['password']],
        );
        $channel = Channel::of($user);
        if ($user->wasRecentlyCreated) {
            $channel->update(['style_words' => self::STYLE, 'figures' => self::FIGURES]);
        }
        foreach (is_dir($folder) ? File::files($folder) : [] as $file) {
            $extension = strtolower($file->getExtension());
            if (in_array($extension, FolderShelf::PICTURES, true)) {
                $importer->footage(
                    $channel,
                    $file->getPathname(),
                    $file->getFilename(),
                    FolderShelf::tagsOf($file->getPathname()),
                    'demo',
                );
            } elseif (in_array($extension, FolderShelf::SOUNDS, true)) {
                $sounds->music(
                    $channel,
                    $file->getPathname(),
                    $file->getFilename(),
                    FolderShelf::moodOf($file->getPathname())->value ?? '',
                );
            }
        }
        $samples->make();
        $rates->make();
        $this->first($channel);

        return self::SUCCESS;
    }

    /** The newcomer finds all demo scripts in a batch, being planned and then drafted while they look. */
    private function first(Channel $channel): void
    {
        if (! config('reel.demo_batch') || Batch::query()->where('channel_id', $channel->id)->exists()) {
            return;
        }
        DB::transaction(function () use ($channel): void {
            $batch = app(BatchMaker::class)->make(
                $channel,
                'Lights, bells and harbours',
                app(ScriptFiles::class)->fromPath(base_path('demo/scripts')),
            );
            foreach ($batch->shorts as $short) {
                app(ExportDesk::class)->order($short, Quality::Draft);
            }
            // The third of them in three more languages, one written from the right.
            app(VersionDesk::class)->order(
                $batch, array_slice(array_values($batch->shorts->all()), 2, 1), ['de', 'es', 'ar'],
                VersionWay::Voice, app(Orders::class),
            );
            $places = app(OutletBook::class)->all();
            app(DemoOutbox::class)->make($channel, $batch,
                isset($places['standin']) ? 'standin' : (string) array_key_first($places));
        });
    }
}
