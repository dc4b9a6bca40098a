<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use App\Media\MediaStore;
use App\Media\WavFile;
use RapidReel\Align\AlignedWord;
use RapidReel\Align\Aligner;
use RapidReel\Language\Pictographs;
use RapidReel\Language\ScriptWord;
use RapidReel\Voice\SilentTake;
use RapidReel\Voice\SynthEvent;
use RapidReel\Voice\TakeCutter;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Process;

/** Speaks through flite, which tells no word times: they are found by aligning it with the narrator. English only. */
final readonly class DiphoneSpeaker implements Voices
{
    /** Words a minute at which the engine reads when nothing is said of the rate. */
    private const USUAL_RATE = 170;

    public function __construct(
        private BuiltInNarrator $narrator,
        private TakeCutter $cutter,
        private Aligner $aligner,
        private MediaStore $store,
        private string $program = 'flite',
    ) {
    }

    public function all(): array
    {
        return [
            new Voice(
                'kester',
                'Kester',
                'en-US',
                'American',
                'low',
                'rms',
                50,
                self::USUAL_RATE,
                VoiceEngine::Diphones,
            ),
            new Voice(
                'linnea',
                'Linnea',
                'en-US',
                'American',
                'high',
                'slt',
                50,
                self::USUAL_RATE,
                VoiceEngine::Diphones,
            ),
            new Voice('murdo', 'Murdo', 'en-GB', 'Scottish', 'low', 'awb', 50, self::USUAL_RATE, VoiceEngine::Diphones),
            new Voice(
                'nolan',
                'Nolan',
                'en-US',
                'American',
                'middle',
                'kal16',
                50,
                self::USUAL_RATE,
                VoiceEngine::Diphones,
            ),
        ];
    }

    public function version(): string
    {
        return 'diphones-1';
    }

    public function speak(string $text, Voice $voice): Speech
    {
        $folder = $this->store->workFolder();
        try {
            // Through a file: whatever the text begins with, it is no option.
            file_put_contents("$folder/text.txt", trim(Pictographs::blanked($text)));
            (new Process(
                [
                    $this->program, '-voice', $voice->engine, '--setf',
                    sprintf('duration_stretch=%.3f', 100 / $voice->speed),
                    '-f', "$folder/text.txt", '-o', "$folder/said.wav",
                ],
                timeout: 120,
            ))->mustRun();
            $sound = WavFile::read("$folder/said.wav");
        } catch (ProcessFailedException $problem) {
            throw VoiceUnavailable::notInstalled(
                'flite cannot be run ('.strtok($problem->getProcess()->getErrorOutput(), "\n").').',
            );
        } finally {
            $this->store->discard($folder);
        }
        if ($sound->samples() === 0) {
            throw SilentTake::of($text);
        }
        $reading = $this->narrator->speak($text, $this->narrator->all()[0]);
        ['sound' => $read, 'words' => $words] = $this->cutter->cut($reading->sound, $text, $reading->events);
        $places = ScriptWord::of($text);
        $aligned = $this->aligner->align($sound, $read, $words)->words;

        return new Speech(
            $sound,
            array_map(
                static fn (AlignedWord $word, ScriptWord $place): SynthEvent => new SynthEvent(
                    $place->offset,
                    $word->timing->startMs,
                ),
                $aligned,
                $places,
            ),
        );
    }
}
