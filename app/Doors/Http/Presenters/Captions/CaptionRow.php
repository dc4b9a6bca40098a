<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Captions;

use App\Doors\Http\Presenters\Clock;
use App\Makers\Proofs\ClearCue;
use RapidReel\Captions\Cue\Cue;

/** One caption of a short, as its page shows it. */
final readonly class CaptionRow
{
    /**
     * @param  int  $scene  id of its scene
     * @param  bool  $isFirst  whether its scene begins with it
     * @param  list<array{text: string, at: int, word: int|null, stands: bool, emoji: string, breaks: bool}>  $words
     * @param  ClearCue|null  $clear  how it stands before its picture; null where that was not measured
     */
    private function __construct(
        public int $scene,
        public int $number,
        public bool $isFirst,
        public Cue $cue,
        public array $words,
        public ?ClearCue $clear,
    ) {
    }

    public static function of(int $scene, int $number, bool $isFirst, Cue $cue, ?ClearCue $clear): self
    {
        $ends = $cue->setting->ends();
        $words = [];
        foreach ($cue->words as $i => $word) {
            $words[] = [
                'text' => $word->text, 'at' => $i, 'word' => $word->word, 'stands' => $word->stands,
                'emoji' => $word->emoji, 'breaks' => in_array($i + 1, $ends, true) && $i + 1 < count($cue->words),
            ];
        }

        return new self($scene, $number, $isFirst, $cue, $words, $clear);
    }

    /** When it begins. */
    public function clock(): string
    {
        return Clock::hundredths($this->cue->startMs);
    }

    /** When it ends. */
    public function ends(): string
    {
        return Clock::hundredths($this->cue->endMs);
    }

    public function isFaint(): bool
    {
        return $this->clear?->isFaint() === true;
    }

    /** @return list<string> what speaks against it */
    public function flags(): array
    {
        return array_values(array_filter([
            $this->isFaint() ? 'faint' : '',
            $this->cue->setting->isTight ? 'smaller than the style allows' : '',
            $this->cue->isHasty() ? sprintf('%.0f letters a second', $this->cue->pace()) : '',
        ]));
    }

    /** What it is called on the page: another name as soon as anything about it is another. */
    public function id(): string
    {
        return "cue-{$this->scene}-{$this->cue->from->word}";
    }

    /** @return array{scene: int, word: int, count: int, start: float, end: float} what the page has to know of it */
    public function data(): array
    {
        return [
            'scene' => $this->scene, 'word' => $this->cue->from->word, 'count' => $this->cue->from->count,
            'start' => $this->cue->startMs / 1000, 'end' => $this->cue->endMs / 1000,
        ];
    }
}
