<?php

declare(strict_types=1);

namespace Tests\App;

use App\Gateways\Voices\VoiceBook;
use App\Library\Shelf;
use App\Media\EncoderPool;
use App\Media\MixSources;
use App\Media\SoundMixer;
use App\Media\Unwatched;
use App\Planning\CutMaker;
use App\Planning\SceneTask;
use App\Settings\Registrar;
use LogicException;
use RapidReel\Base\Values;
use RapidReel\Cut\Cut;
use RapidReel\Cut\CutEffect;
use RapidReel\Cut\CutMusic;
use RapidReel\Script\Scene;
use RapidReel\Script\SceneRole;
use RapidReel\Settings\Level;
use RapidReel\Settings\Settled;
use RapidReel\Sound\MixPlan;
use RapidReel\Voice\Pcm;
use Symfony\Component\Process\Process;

/** Cuts that are heard and not seen, and their mixes. */
trait SpeaksCuts
{
    /** @param  array<string, string|int>  $settings */
    private function spoken(array $settings, string ...$texts): Cut
    {
        $settled = Settled::defaults(app(Registrar::class)->of(null))->and(Level::Short, new Values($settings));
        $tasks = array_map(
            static fn (string $text): SceneTask => SceneTask::of(
                new Scene(SceneRole::Beat, $text), $settled, app(VoiceBook::class), [],
            ),
            array_values($texts),
        );

        return app(CutMaker::class)->make(
            'Sound',
            $tasks === [] ? throw new LogicException : $tasks,
            new Shelf([], [], [], []),
            new Unwatched,
        );
    }

    private static function with(Cut $cut, ?CutMusic $music, CutEffect ...$effects): Cut
    {
        return new Cut(
            $cut->title, $cut->profile, $cut->durationMs, $cut->hookMs, $cut->scenes, $cut->words, $cut->cues,
            $cut->flags, $music, $cut->shape, $cut->loop, array_values($effects),
        );
    }

    private function mixed(Cut $cut, MixSources $sources = new MixSources): MixPlan
    {
        $plan = MixPlan::of($cut);
        app(EncoderPool::class)->run([app(SoundMixer::class)->work($plan, $sources)], static fn (int $frames) => null);

        return $plan;
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
