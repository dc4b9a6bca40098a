<?php

declare(strict_types=1);

namespace App\Makers\Voicing;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\Voices;
use App\Media\Store\StrangePlace;
use Generator;
use RapidReel\Base\Refusal;
use RapidReel\Voice\Align\Aligner;
use RapidReel\Voice\Align\Alignment;
use RapidReel\Voice\Align\Cepstra;
use RapidReel\Voice\Align\NotAlignable;
use RapidReel\Voice\Align\Reference;
use RapidReel\Voice\Align\Resampler;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\SilentTake;
use RapidReel\Voice\Speech\TakeCutter;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\VoiceEngine;
use RapidReel\Voice\Speech\WordTiming;

/** Has voices read texts one after the other, so that a recording of them can be held against that. */
final readonly class ReferenceMaker
{
    private const PAUSE_MS = 150;

    /** More make it slower and hardly better. */
    private const READERS = 5;

    /** The other synthesiser is slow. */
    private const MOST_DIPHONES = 2;

    private const AT_ONCE = 10;

    public function __construct(
        private Voices $voices,
        private VoiceBook $book,
        private TakeCutter $cutter,
        private ReferenceStore $kept,
    ) {
    }

    /**
     * @param  list<string>  $texts
     * @return Reference at 16 kHz
     *
     * @throws StrangePlace
     */
    public function read(array $texts, Voice $voice): Reference
    {
        return $this->kept->of($texts, $voice, function () use ($texts, $voice): Reference {
            $bytes = '';
            $words = [];
            $silence = str_repeat("\0\0", intdiv(Cepstra::RATE * self::PAUSE_MS, 1000));
            foreach ($this->portions($texts, $voice) as $text) {
                $speech = $this->voices->speak($text, $voice);
                ['sound' => $sound, 'words' => $said] = $this->cutter->cut($speech->sound, $text, $speech->events);
                $start = (int) round(strlen($bytes) / 2 * 1000 / Cepstra::RATE);
                array_push(
                    $words,
                    ...array_map(static fn (WordTiming $word): WordTiming => $word->shifted($start), $said),
                );
                $bytes .= Resampler::to($sound, Cepstra::RATE)->bytes.$silence;
            }

            return $words === [] ? throw SilentTake::of('') : new Reference(new Pcm($bytes, Cepstra::RATE), $words);
        });
    }

    /**
     * What is read at once: of a synthesiser that has to be started for every text several together.
     *
     * @param  list<string>  $texts
     * @return list<string>
     */
    private function portions(array $texts, Voice $voice): array
    {
        return $voice->source === VoiceEngine::Narrator ? $texts : array_map(
            static fn (array $some): string => implode("\n\n", $some),
            array_chunk($texts, self::AT_ONCE),
        );
    }

    /**
     * Holds a recording against readings of its text by several voices.
     *
     * @param  list<string>  $texts
     * @param  Voice  $voice  the one that guides
     * @param  list<string>  $without  synthesisers' voices that are not to read, as they made the recording
     *
     * @throws NotAlignable
     * @throws StrangePlace
     */
    public function align(
        Aligner $aligner,
        Pcm $recording,
        array $texts,
        Voice $voice,
        array $without = [],
    ): Alignment {
        return $aligner->align($recording, $this->references($texts, $voice, $without));
    }

    /**
     * @param  list<string>  $texts
     * @param  list<string>  $without
     * @return Generator<int, Reference>
     *
     * @throws StrangePlace
     */
    private function references(array $texts, Voice $voice, array $without): Generator
    {
        foreach ($this->readers($voice, $without) as $reader) {
            yield $this->read($texts, $reader);
        }
    }

    /**
     * Voices of a language that differ most: the given one first, then other synthesisers, registers and accents in
     * turn.
     *
     * @param  list<string>  $without
     * @return non-empty-list<Voice>
     */
    private function readers(Voice $guide, array $without): array
    {
        $readers = [$guide];
        $left = array_filter(
            $this->book->all(),
            static fn (Voice $voice): bool => ! $voice->source->isOutside()
                && $voice->id !== $guide->id && $voice->speaks($guide->language)
                && ! in_array($voice->speaker->name, $without, true),
        );
        while ($left !== [] && count($readers) < self::READERS) {
            $like = static fn (Voice $voice): int => self::likeness($voice, $readers);
            usort($left, static fn (Voice $a, Voice $b): int => $like($a) <=> $like($b));
            $readers[] = array_shift($left);
            $diphones = array_filter($readers, static fn (Voice $one): bool => $one->source === VoiceEngine::Diphones);
            if (count($diphones) >= self::MOST_DIPHONES) {
                $left = array_filter($left, static fn (Voice $one): bool => $one->source !== VoiceEngine::Diphones);
            }
        }

        return $readers;
    }

    /** @param  non-empty-list<Voice>  $readers */
    private static function likeness(Voice $voice, array $readers): int
    {
        return array_sum(array_map(
            static fn (Voice $reader): int => ($reader->source === $voice->source ? 2 : 0)
                + ($reader->register === $voice->register ? 2 : 0)
                + ($reader->language === $voice->language ? 1 : 0) + ($reader->accent === $voice->accent ? 1 : 0),
            $readers,
        ));
    }

    /**
     * The narrator's voice of a language, by a BCP 47 tag or its English name.
     *
     * @throws Refusal
     */
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
