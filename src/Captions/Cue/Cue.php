<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cue;

use InvalidArgumentException;
use RapidReel\Base\Language\UnspacedWords;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Captions\Style\CaptionStyle;

/** One caption on screen: its words with their times, how it looks, and where it stands. Times in ms of the short. */
final readonly class Cue
{
    /**
     * Letters and blanks a second: 238 words a minute, which adults read silently in English on average (M. Brysbaert,
     * "How many words do we read per minute?", Journal of Memory and Language 109, 2019), of 5.7 letters with the
     * blank.
     */
    public const FASTEST = 22.6;

    /** @param  non-empty-list<CueWord>  $words */
    public function __construct(
        public int $startMs,
        public int $endMs,
        public array $words,
        public Setting $setting,
        public CaptionStyle $style,
        public CueSource $from = new CueSource,
    ) {
        if ($startMs < 0 || $endMs <= $startMs) {
            throw new InvalidArgumentException('A caption must last.');
        }
    }

    /** The same so much later. */
    public function later(int $ms): self
    {
        return $ms === 0 ? $this : new self(
            $this->startMs + $ms,
            $this->endMs + $ms,
            array_map(static fn (CueWord $word): CueWord => new CueWord(
                $word->text, $word->startMs + $ms, $word->endMs + $ms, $word->word, $word->stands, $word->emoji,
            ), $this->words),
            $this->setting,
            $this->style,
            $this->from,
        );
    }

    /** The same so many pixels further down. */
    public function moved(float $by): self
    {
        return new self(
            $this->startMs, $this->endMs, $this->words, $this->setting->moved($by), $this->style, $this->from,
        );
    }

    public function text(): string
    {
        return UnspacedWords::joined(array_map(static fn (CueWord $word): string => $word->text, $this->words));
    }

    /** For a subtitle file: its lines as they stand, a time for every word, and the height of its middle. */
    public function timed(): TimedCue
    {
        $spans = [];
        $text = '';
        $ends = $this->setting->ends();
        foreach ($this->words as $i => $word) {
            $isLast = $i === count($this->words) - 1;
            $part = $word->text.match (true) {
                $isLast => '',
                in_array($i + 1, $ends, true) => "\n",
                default => UnspacedWords::between($word->text, $this->words[$i + 1]->text),
            };
            $text .= $part;
            $spans[] = [max($this->startMs, min($this->endMs, $word->startMs)), $part];
        }
        [, $top, , $bottom] = $this->setting->box;
        $height = $this->setting->shape->height();

        return new TimedCue($this->startMs, $this->endMs, $text, $spans, ($top + $bottom) / 2 / $height);
    }

    /** Letters that have to be read in a second of it. */
    public function pace(): float
    {
        return mb_strlen($this->text()) * 1000 / ($this->endMs - $this->startMs);
    }

    /** Whether it asks for more than most can read. */
    public function isHasty(): bool
    {
        return $this->pace() > self::FASTEST;
    }
}
