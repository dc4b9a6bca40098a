<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use App\Media\Audio\WavFile;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Language\Pictographs;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Voice\Speech\PhoneTimes;
use RapidReel\Voice\Speech\SilentTake;
use RapidReel\Voice\Speech\Speaker;
use RapidReel\Voice\Speech\SynthEvent;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\VoiceEngine;
use Symfony\Component\Process\Process;

/**
 * Speaks through flite, which tells when each sound ends: words are known by the sounds that they have alone, and where
 * that fails by aligning them with the narrator. English only.
 */
final readonly class DiphoneSpeaker implements Voices
{
    /** Words a minute at which the engine reads when nothing is said of the rate. */
    private const USUAL_RATE = 170;

    private const QUICKEST = 'kal16';

    public function __construct(
        private WordFinder $words,
        private MediaStore $store,
        private string $program = 'flite',
    ) {
    }

    public function all(): array
    {
        /** @var non-empty-list<Voice>|null $all asked for again and again */
        static $all = null;

        return $all ??= [
            self::voice('kester', 'Kester', 'en-US', 'American', 'low', 'rms'),
            self::voice('linnea', 'Linnea', 'en-US', 'American', 'high', 'slt'),
            self::voice('murdo', 'Murdo', 'en-GB', 'Scottish', 'low', 'awb'),
            self::voice('nolan', 'Nolan', 'en-US', 'American', 'middle', 'kal16'),
        ];
    }

    private static function voice(
        string $id,
        string $name,
        string $language,
        string $accent,
        string $register,
        string $speaker,
    ): Voice {
        $speaker = new Speaker($speaker, 50, self::USUAL_RATE);

        return new Voice($id, $name, $language, $accent, $register, $speaker, VoiceEngine::Diphones);
    }

    public function version(): string
    {
        return 'diphones-1';
    }

    /**
     * @throws ToolFailed
     * @throws SilentTake
     * @throws VoiceUnavailable
     * @throws StrangePlace
     */
    public function speak(string $text, Voice $voice): Speech
    {
        $places = ScriptWord::of($text);
        $folder = $this->store->workFolder();
        try {
            // Through a file: whatever the text begins with, it is no option.
            file_put_contents("$folder/text.txt", trim(Pictographs::blanked($text)));
            $told = $this->run([
                '-voice', $voice->speaker->name, '--setf', sprintf('duration_stretch=%.3f', 100 / $voice->speed),
                '-psdur', '-f', "$folder/text.txt", '-o', "$folder/said.wav",
            ]);
            $sound = WavFile::read("$folder/said.wav");
            file_put_contents("$folder/words.txt", implode("\n\n", array_map(
                static fn (ScriptWord $word): string => PhoneTimes::bare($word->text),
                $places,
            ))."\n\n");
            // All voices have the same lexicon, and this one is quickest.
            $alone = $this->run(['-voice', self::QUICKEST, '-ps', '-f', "$folder/words.txt", '-o', 'none']);
        } finally {
            $this->store->discard($folder);
        }
        if ($sound->samples() === 0) {
            throw SilentTake::of($text);
        }
        $starts = PhoneTimes::starts($told, $alone, count($places));

        return new Speech($sound, $starts === null ? $this->words->in($sound, $text, $voice->language) : array_map(
            static fn (int $ms, ScriptWord $place): SynthEvent => new SynthEvent($place->offset, $ms),
            $starts,
            $places,
        ));
    }

    /**
     * @param  list<string>  $arguments
     *
     * @throws ToolFailed
     * @throws VoiceUnavailable
     */
    private function run(array $arguments): string
    {
        $process = MediaTools::toItsEnd(new Process([$this->program, ...$arguments], timeout: 120), 'Speaking');

        return $process->isSuccessful() ? $process->getOutput() : throw VoiceUnavailable::notInstalled(
            'flite cannot be run ('.strtok($process->getErrorOutput(), "\n").').',
        );
    }
}
