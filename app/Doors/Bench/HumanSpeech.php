<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Gateways\Voices\VoiceBook;
use App\Makers\Voicing\ReferenceMaker;
use App\Media\Audio\SoundReader;
use RapidReel\Voice\Align\Aligner;
use RapidReel\Voice\Align\Cepstra;

/**
 * Somebody reads from a novel: recordings that the Debian package pocketsphinx-testdata carries, of 71 words. When each
 * begins was told by another kind of aligner (hidden Markov models of English sounds, of the package
 * pocketsphinx-en-us), which is itself right within some 20 ms.
 */
final readonly class HumanSpeech
{
    private const FOLDER = 'usr/share/pocketsphinx/test/data/librivox';

    public function __construct(
        private DebianPackage $packages,
        private SoundReader $sounds,
        private ReferenceMaker $readings,
        private VoiceBook $voices,
        private Aligner $aligner,
    ) {
    }

    /**
     * @param  string  $known  file that says what is read and when each word begins
     * @return list<float> how far each word was found from where it begins, in ms, smallest first
     */
    public function errors(string $known): array
    {
        /** @var array<string, array{text: string, starts_ms: list<int>}> $all */
        $all = json_decode((string) file_get_contents($known), true, 8, JSON_THROW_ON_ERROR);
        $errors = [];
        foreach ($all as $name => ['text' => $text, 'starts_ms' => $starts]) {
            $sound = $this->sounds->read(
                $this->packages->file('pocketsphinx-testdata', self::FOLDER."/$name"), $name, Cepstra::RATE,
            );
            $found = $this->readings->align(
                $this->aligner, $sound, [$text], $this->voices->get(VoiceBook::DEFAULT),
            )->timings();
            foreach ($starts as $i => $start) {
                $errors[] = (float) abs($found[$i]->startMs - $start);
            }
        }
        sort($errors);

        return $errors;
    }
}
