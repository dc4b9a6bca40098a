<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

use RapidReel\Base\Language\ScriptWord;
use RapidReel\Voice\Align\AlignedWord;
use RapidReel\Voice\Align\Aligner;
use RapidReel\Voice\Align\NotAlignable;
use RapidReel\Voice\Align\Reference;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\SilentTake;
use RapidReel\Voice\Speech\SynthEvent;
use RapidReel\Voice\Speech\TakeCutter;

/** Finds the words in what a voice said that tells no times, by what the narrator makes of the same text. */
final readonly class WordFinder
{
    public function __construct(
        private BuiltInNarrator $narrator,
        private TakeCutter $cutter,
        private Aligner $aligner,
    ) {
    }

    /**
     * @return list<SynthEvent>
     *
     * @throws VoiceUnavailable
     * @throws SilentTake
     */
    public function in(Pcm $sound, string $text, string $language): array
    {
        $places = ScriptWord::of($text);
        $reader = $this->narrator->all()[0];
        foreach ($this->narrator->all() as $voice) {
            if ($voice->speaks($language)) {
                $reader = $voice;

                break;
            }
        }
        try {
            $reading = $this->narrator->speak($text, $reader);
            ['sound' => $read, 'words' => $words] = $this->cutter->cut($reading->sound, $text, $reading->events);

            return array_map(
                static fn (AlignedWord $word, ScriptWord $place): SynthEvent => new SynthEvent(
                    $place->offset,
                    $word->timing->startMs,
                ),
                $this->aligner->align($sound, [new Reference($read, $words)])->words,
                $places,
            );
        } catch (NotAlignable) {
            // Too short to be compared: spread over its length by their letters.
            $letters = max(1, mb_strlen($text));

            return array_map(
                static fn (ScriptWord $place): SynthEvent => new SynthEvent(
                    $place->offset,
                    intdiv($sound->durationMs() * $place->offset, $letters),
                ),
                $places,
            );
        }
    }
}
