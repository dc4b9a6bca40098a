<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

use InvalidArgumentException;

/** A written word and when it is spoken, in milliseconds from the start of whatever holds it. */
final readonly class WordTiming
{
    /** @throws InvalidArgumentException when the word is empty or ends before it starts */
    public function __construct(
        public string $text,
        public int $startMs,
        public int $endMs,
    ) {
        if ($text === '' || $startMs < 0 || $endMs < $startMs) {
            throw new InvalidArgumentException(
                sprintf('“%s” cannot be spoken from %d to %d ms.', $text, $startMs, $endMs),
            );
        }
    }

    public function shifted(int $ms): self
    {
        return new self($this->text, $this->startMs + $ms, $this->endMs + $ms);
    }

    /** @return array{text: string, start_ms: int, end_ms: int} */
    public function toArray(): array
    {
        return ['text' => $this->text, 'start_ms' => $this->startMs, 'end_ms' => $this->endMs];
    }

    /** @param  array{text: string, start_ms: int, end_ms: int}  $data */
    public static function fromArray(array $data): self
    {
        return new self($data['text'], $data['start_ms'], $data['end_ms']);
    }
}
