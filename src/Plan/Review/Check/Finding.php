<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Plan\Finding\FindingKind;

/**
 * Something that speaks against a short leaving as it is: where, why, how sure, and what would mend it.
 *
 * @phpstan-type FindingData array{
 *     kind: string, message: string, sure: string, start_ms: int, end_ms: int, scene: int|null, word: int,
 *     words: string, mend: array{deed: string, label: string, key: string, value: int|string, level: string}|null
 * }
 */
final readonly class Finding
{
    /** Of those there may be several among the same words. */
    private const SEVERAL = [FindingKind::DeadAir, FindingKind::HastyCaption, FindingKind::ForbiddenWord];

    /**
     * @param  string  $words  what is said there: whoever ignores it ignores it for these words
     * @param  FindingMend|null  $mend  null where somebody has to find one
     */
    public function __construct(
        public FindingKind $kind,
        public string $message,
        public Sureness $sure,
        public FindingPlace $place,
        public string $words,
        public ?FindingMend $mend = null,
    ) {
    }

    /** The same finding of the same words is the same, wherever they stand. */
    public function key(): string
    {
        $words = mb_strtolower(trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', $this->words)));
        $words .= in_array($this->kind, self::SEVERAL, true) ? " {$this->place->word}" : '';

        return $this->kind->value.'-'.hash('xxh64', $words);
    }

    /** @return FindingData */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value, 'message' => $this->message, 'sure' => $this->sure->value,
            'start_ms' => $this->place->startMs, 'end_ms' => $this->place->endMs, 'scene' => $this->place->scene,
            'word' => $this->place->word, 'words' => $this->words, 'mend' => $this->mend?->toArray(),
        ];
    }

    /** @param  FindingData  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            FindingKind::from($data['kind']),
            $data['message'],
            Sureness::from($data['sure']),
            new FindingPlace($data['start_ms'], $data['end_ms'], $data['scene'], $data['word']),
            $data['words'],
            $data['mend'] === null ? null : FindingMend::fromArray($data['mend']),
        );
    }
}
