<?php

declare(strict_types=1);

namespace App\Makers\Voicing;

use App\Media\Store\StrangePlace;
use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Refusal;
use RapidReel\Text\Arrival\TextEncoding;
use RapidReel\Voice\Align\AlignedWord;
use RapidReel\Voice\Align\Aligner;
use RapidReel\Voice\Align\Alignment;
use RapidReel\Voice\Align\NotAlignable;
use RapidReel\Voice\Align\TimedText;
use RapidReel\Voice\Align\WordDoubt;
use RapidReel\Voice\Speech\Pcm;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\WordTiming;

/**
 * Word times out of a file that came with a recording: those of a cue are spread over its words by the sound, or by
 * length.
 */
final readonly class TimingImport
{
    public function __construct(
        private Aligner $aligner,
        private ReferenceMaker $references,
    ) {
    }

    /**
     * @param  list<string>  $texts  of the scenes
     *
     * @throws Refusal when the file has other words than the script
     */
    public function align(Pcm $sound, array $texts, string $timing, Voice $voice): Alignment
    {
        $cues = self::cues($timing);
        $words = array_map(
            static fn (ScriptWord $word): string => $word->text,
            array_merge([], ...array_map(ScriptWord::of(...), $texts)),
        );
        $timed = array_sum(array_map(static fn (array $cue): int => count(ScriptWord::of($cue['text'])), $cues));
        if ($timed !== count($words) || $words === []) {
            throw new Refusal(
                sprintf(
                    'The file of times has %d words and the script %d; they must be the same.',
                    $timed,
                    count($words),
                ),
            );
        }
        $aligned = [];
        $at = 0;
        foreach ($cues as $cue) {
            $count = count(ScriptWord::of($cue['text']));
            $said = array_slice($words, count($aligned), $count);
            foreach ($this->spread($sound, $said, $cue['start'], $cue['end'], $voice) as $word) {
                $start = min($sound->durationMs(), max($at, $word->startMs));
                $end = min($sound->durationMs(), max($start, $word->endMs));
                $aligned[] = new AlignedWord(new WordTiming($word->text, $start, $end), 1.0, WordDoubt::None);
                $at = $end;
            }
        }

        return new Alignment(
            $sound->durationMs(),
            $aligned === [] ? throw new Refusal('The file of times has no words.') : $aligned,
            true,
        );
    }

    /**
     * @return non-empty-list<array{start: int, end: int, text: string}> in ms
     *
     * @throws Refusal when it is no file of times, or its times run backwards
     */
    public static function cues(string $timing): array
    {
        $cues = TimedText::parse(TextEncoding::toUtf8($timing) ?? '');
        if ($cues === []) {
            throw new Refusal('The file of times is neither SRT, WebVTT nor JSON with words.');
        }
        $wrong = TimedText::backwards($cues);
        if ($wrong !== null) {
            throw new Refusal(sprintf(
                'In the file of times “%s” goes backwards, from %.3f to %.3f s. Put its times in order.',
                mb_strimwidth($wrong['text'], 0, 40, '…'),
                $wrong['start'] / 1000,
                $wrong['end'] / 1000,
            ));
        }

        return $cues;
    }

    /**
     * @param  list<string>  $words
     * @return list<WordTiming>
     *
     * @throws StrangePlace
     */
    private function spread(Pcm $sound, array $words, int $start, int $end, Voice $voice): array
    {
        if (count($words) > 1) {
            try {
                $found = $this->references
                    ->align($this->aligner, $sound->between($start, $end), [implode(' ', $words)], $voice)
                    ->timings();
                if (count($found) === count($words)) {
                    return array_map(static fn (WordTiming $one): WordTiming => $one->shifted($start), $found);
                }
            } catch (NotAlignable) {
                // Shared out by length below.
            }
        }
        $characters = max(1, array_sum(array_map(mb_strlen(...), $words)));
        $passed = 0;
        $timings = [];
        foreach ($words as $word) {
            $from = $start + intdiv(($end - $start) * $passed, $characters);
            $passed += mb_strlen($word);
            $timings[] = new WordTiming($word, $from, $start + intdiv(($end - $start) * $passed, $characters));
        }

        return $timings;
    }
}
