<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

use InvalidArgumentException;

/** One recording of a scene's words: how long it is, and when in it every word is spoken. */
final readonly class Take
{
    /**
     * @param  string  $key  names the recording: the same key is the same sound
     * @param  non-empty-list<WordTiming>  $words  in order, not overlapping, within the duration
     */
    public function __construct(
        public string $key,
        public int $durationMs,
        public array $words,
    ) {
        $at = 0;
        foreach ($words as $word) {
            if ($word->startMs < $at || $word->endMs > $durationMs) {
                throw new InvalidArgumentException(
                    sprintf('The word “%s” lies outside its place in the take.', $word->text),
                );
            }
            $at = $word->endMs;
        }
    }

    /** The written words from one to another (not counted), as a text. */
    public function saying(int $firstWord, int $endWord): string
    {
        return implode(
            ' ',
            array_map(
                static fn (WordTiming $word): string => $word->text,
                array_slice($this->words, $firstWord, $endWord - $firstWord),
            ),
        );
    }

    /** When the last word is out, in ms from the start. */
    public function spokenMs(): int
    {
        return max(array_map(static fn (WordTiming $word): int => $word->endMs, $this->words));
    }
}
