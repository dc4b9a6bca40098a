<?php

declare(strict_types=1);

namespace App\Console;

use App\Gateways\Voices\VoiceRates;
use App\Gateways\Voices\VoiceSamples;
use App\Library\FolderShelf;
use App\Library\FootageImporter;
use App\Models\Channel;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

final class DemoCommand extends Command
{
    public const EMAIL = 'keeper@lamplight.example';

    public const PASSWORD = 'lamplight';

    private const STYLE = 'engraving in ink and lamplight, deep shadows, muted blue and amber';

    protected $signature = 'reel:demo';

    protected $description = 'Puts the demo account, footage, music and voice samples in place; what is there stays as it is';

    public function handle(FootageImporter $importer, VoiceSamples $samples, VoiceRates $rates): int
    {
        $folder = (string) config('reel.demo_footage');
        $user = User::query()->firstOrCreate(['email' => self::EMAIL], ['name' => 'Lamplight Log', 'password' => self::PASSWORD]);
        Channel::query()->firstOrCreate(['user_id' => $user->id], ['name' => $user->name, 'style_words' => self::STYLE, 'forbidden' => '']);
        foreach (is_dir($folder) ? File::files($folder) : [] as $file) {
            $extension = strtolower($file->getExtension());
            if (in_array($extension, FolderShelf::PICTURES, true)) {
                $importer->footage($file->getPathname(), $file->getFilename(), FolderShelf::tagsOf($file->getPathname()), 'demo');
            } elseif (in_array($extension, FolderShelf::SOUNDS, true)) {
                $about = json_decode((string) @file_get_contents(preg_replace('/\.\w+$/', '.json', $file->getPathname()) ?? ''), true);
                $importer->music($file->getPathname(), $file->getFilename(), is_array($about) ? (string) ($about['mood'] ?? '') : '');
            }
        }
        $samples->make();
        $rates->make();

        return self::SUCCESS;
    }
}
