<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cue;

/** A word as a caption shows it, and when it is said, in ms of the short. */
final readonly class CueWord
{
    /**
     * @param  int|null  $word  number of it in its scene; null where other words are shown than are said
     * @param  bool  $stands  whether it is made to stand out
     * @param  string  $emoji  shown after it; empty for none
     */
    public function __construct(
        public string $text,
        public int $startMs,
        public int $endMs,
        public ?int $word = null,
        public bool $stands = false,
        public string $emoji = '',
    ) {
    }

    /** @return array{text: string, start_ms: int, end_ms: int, word: int|null, stands: bool, emoji: string} */
    public function toArray(): array
    {
        return [
            'text' => $this->text, 'start_ms' => $this->startMs, 'end_ms' => $this->endMs, 'word' => $this->word,
            'stands' => $this->stands, 'emoji' => $this->emoji,
        ];
    }

    /**
     * @param  array{
     *     text: string, start_ms: int, end_ms: int, word: int|null, stands: bool, emoji: string
     * }  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['text'], $data['start_ms'], $data['end_ms'], $data['word'], $data['stands'], $data['emoji'],
        );
    }
}
