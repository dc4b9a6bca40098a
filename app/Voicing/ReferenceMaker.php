<?php

declare(strict_types=1);

namespace App\Voicing;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceEngine;
use App\Gateways\Voices\Voices;
use RapidReel\Align\Aligner;
use RapidReel\Align\Alignment;
use RapidReel\Align\Cepstra;
use RapidReel\Align\NotAlignable;
use RapidReel\Align\Resampler;
use RapidReel\Base\Refusal;
use RapidReel\Voice\Pcm;
use RapidReel\Voice\SilentTake;
use RapidReel\Voice\TakeCutter;
use RapidReel\Voice\WordTiming;

/** Has the narrator read texts one after the other, so that a recording of them can be held against it. */
final readonly class ReferenceMaker
{
    private const PAUSE_MS = 150;

    public function __construct(
        private Voices $voices,
        private VoiceBook $book,
        private TakeCutter $cutter,
    ) {
    }

    /**
     * @param  list<string>  $texts
     * @return array{sound: Pcm, words: non-empty-list<WordTiming>} at 16 kHz
     */
    public function read(array $texts, Voice $voice): array
    {
        $bytes = '';
        $words = [];
        $silence = str_repeat("\0\0", intdiv(Cepstra::RATE * self::PAUSE_MS, 1000));
        foreach ($texts as $text) {
            $speech = $this->voices->speak($text, $voice);
            ['sound' => $sound, 'words' => $said] = $this->cutter->cut($speech->sound, $text, $speech->events);
            $start = (int) round(strlen($bytes) / 2 * 1000 / Cepstra::RATE);
            array_push($words, ...array_map(static fn (WordTiming $word): WordTiming => $word->shifted($start), $said));
            $bytes .= Resampler::to($sound, Cepstra::RATE)->bytes.$silence;
        }

        return $words === []
            ? throw SilentTake::of('')
            : ['sound' => new Pcm($bytes, Cepstra::RATE), 'words' => $words];
    }

    /**
     * Holds a recording against a reading of its text, and where that is in doubt against one by another voice.
     *
     * @param  list<string>  $texts
     *
     * @throws NotAlignable
     */
    public function align(Aligner $aligner, Pcm $recording, array $texts, Voice $voice): Alignment
    {
        ['sound' => $reading, 'words' => $words] = $this->read($texts, $voice);
        $other = $this->other($voice);

        return $aligner->align(
            $recording,
            $reading,
            $words,
            $other === null ? null : fn (): array => $this->read($texts, $other),
        );
    }

    private function other(Voice $voice): ?Voice
    {
        foreach ($this->book->all() as $one) {
            if (
                $one->source === VoiceEngine::Narrator &&
                $one->speaks($voice->language) &&
                $one->register !== $voice->register
            ) {
                return $one;
            }
        }

        return null;
    }

    /** The narrator's voice of a language, by a BCP 47 tag or its English name. */
    public function voiceOf(string $language): Voice
    {
        $there = [];
        foreach ($this->book->all() as $voice) {
            if ($voice->source === VoiceEngine::Narrator) {
                if ($voice->speaks($language)) {
                    return $voice;
                }
                $there[] = $voice->primaryLanguage();
            }
        }

        throw new Refusal("No voice reads “{$language}”. There are: ".implode(', ', array_unique($there)).'.');
    }
}
