<?php

declare(strict_types=1);

namespace Tests\App;

use App\Gateways\Voices\VoiceBook;
use App\Makers\Planning\CutMaker;
use App\Makers\Planning\SceneTask;
use App\Media\Making\Maker;
use App\Media\Process\Unwatched;
use App\Media\Store\Originals;
use App\Shelves\Levels\Registrar;
use App\Shelves\Library\Shelf;
use LogicException;
use RapidReel\Base\Values;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutEffect;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutSound;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Voice\Speech\Pcm;
use Symfony\Component\Process\Process;

/** Cuts that are heard and not seen, and their mixes. */
trait SpeaksCuts
{
    /** @param  array<string, string|int>  $settings */
    private function spoken(array $settings, string ...$texts): Cut
    {
        $settled = SettingValues::defaults(app(Registrar::class)->of(null))->and(Level::Short, new Values($settings));
        $tasks = array_map(
            static fn (string $text): SceneTask => SceneTask::of(
                new Scene(SceneRole::Beat, $text), $settled, app(VoiceBook::class), [],
            ),
            array_values($texts),
        );

        return app(CutMaker::class)->make(
            'Sound',
            $tasks === [] ? throw new LogicException : $tasks,
            new Shelf,
            new Unwatched,
        );
    }

    private static function with(Cut $cut, ?CutMusic $music, CutEffect ...$effects): Cut
    {
        return $cut->sounding(new CutSound($music, array_values($effects)));
    }

    /** @param  string|null  ...$files  of all that is heard beside the voice */
    private function mixed(Cut $cut, ?string ...$files): MixPlan
    {
        foreach (array_filter($files) as $file) {
            app(Originals::class)->lay(self::content($file), $file);
        }
        $plan = MixPlan::of($cut);
        app(Maker::class)->make([$plan]);

        return $plan;
    }

    private static function content(string $file): string
    {
        return (string) hash_file('xxh128', $file);
    }

    /** @return list<float> level of every 10 ms, 0…1, of a band of it */
    private static function levelsOf(string $file, string $band = 'anull'): array
    {
        $raw = (new Process([
            'ffmpeg', '-v', 'error', '-i', $file, '-af', $band, '-ac', '1', '-ar', '48000', '-f', 's16le', '-',
        ]))->mustRun()->getOutput();

        return (new Pcm($raw, 48_000))->levels();
    }
}
