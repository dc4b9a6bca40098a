<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Target\Limits;
use RapidReel\Base\Target\Targets;

/** What a row of the rundown shows of a cut, small enough to be read for hundreds of shorts at once. Times in ms. */
final readonly class CutSummary
{
    /**
     * @param  list<array{int, int, string}>  $scenes  start, end and role
     * @param  list<int>  $changesMs  where pictures change inside scenes
     * @param  list<Flag>  $flags
     */
    public function __construct(
        public Limits $limits,
        public CutTimes $times,
        public int $words,
        public array $scenes,
        public array $changesMs,
        public array $flags,
        public CutHashes $hashes = new CutHashes,
    ) {
    }

    /** Of a cut with its pictures. */
    public static function of(Cut $cut, string $pixels, string $sound): self
    {
        return new self(
            $cut->form->limits,
            new CutTimes($cut->durationMs, $cut->found->hookMs, [
                $cut->over->introOutro->openingMs(),
                $cut->over->introOutro->ms() - $cut->over->introOutro->openingMs(),
            ]),
            count($cut->words),
            array_map(
                static fn (CutScene $scene): array => [$scene->startMs, $scene->endMs, $scene->role->value],
                $cut->scenes,
            ),
            array_merge(
                [],
                ...array_map(
                    static fn (CutScene $scene): array => array_map(
                        static fn (CutShot $shot): int => $shot->startMs,
                        array_slice($scene->shots, 1),
                    ),
                    $cut->scenes,
                ),
            ),
            $cut->found->flags,
            new CutHashes($pixels, $sound),
        );
    }

    /** Whether not all of it was voiced. */
    public function isEstimated(): bool
    {
        return array_filter($this->flags, static fn (Flag $flag): bool => $flag->code === FlagCode::Estimated) !== [];
    }

    /** @param  list<Flag>  $flags */
    public function flagged(array $flags): self
    {
        return new self(
            $this->limits,
            $this->times,
            $this->words,
            $this->scenes,
            $this->changesMs,
            [...$this->flags, ...$flags],
            $this->hashes,
        );
    }

    /** How long it is with what stands before and after it. */
    public function wholeMs(): int
    {
        return $this->times->durationMs + array_sum($this->times->introOutro);
    }

    /** When the hook has been said. */
    public function hookOutMs(): int
    {
        return $this->times->introOutro[0] + $this->times->hookMs;
    }

    public function isOver(): bool
    {
        return $this->limits->over($this->wholeMs()) > 0;
    }

    public function isUnder(): bool
    {
        return $this->limits->under($this->wholeMs()) > 0;
    }

    public function isHookLate(): bool
    {
        return $this->limits->isHookLate($this->hookOutMs());
    }

    public function wordsASecond(): float
    {
        return $this->words * 1000 / max(1, $this->times->durationMs);
    }

    public function shots(): int
    {
        return count($this->scenes) + count($this->changesMs);
    }

    /** Mean length of a shot in ms */
    public function meanShotMs(): int
    {
        return (int) round($this->times->durationMs / max(1, $this->shots()));
    }

    public function toJson(): string
    {
        return json_encode([
            'limits' => $this->limits->toArray(),
            'duration_ms' => $this->times->durationMs,
            'hook_ms' => $this->times->hookMs,
            'words' => $this->words,
            'scenes' => $this->scenes,
            'cuts_ms' => $this->changesMs,
            'flags' => array_map(static fn (Flag $flag): array => $flag->toArray(), $this->flags),
            'pixels' => $this->hashes->pixels,
            'sound' => $this->hashes->sound,
            ...$this->times->introOutro === [0, 0] ? [] : ['around' => $this->times->introOutro],
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    public static function fromJson(string $json): self
    {
        // What was encoded above has this shape.
        /**
         * @var array{
         *     profile?: string, limits?: array<string, mixed>, duration_ms: int, hook_ms: int, words: int,
         *     scenes: list<array{int, int, string}>,
         *     cuts_ms: list<int>, flags: list<array{code: string, message: string}>, pixels?: string, sound?: string,
         *     around?: array{int, int}
         * } $data
         */
        $data = json_decode($json, true, 16, JSON_THROW_ON_ERROR);

        return new self(
            isset($data['limits'])
                ? Limits::fromArray($data['limits'])
                // Earlier versions wrote the name of one of those that ship.
                : Limits::of([(new Targets)->get($data['profile'] ?? Targets::USUAL)]),
            new CutTimes($data['duration_ms'], $data['hook_ms'], $data['around'] ?? [0, 0]),
            $data['words'],
            $data['scenes'],
            $data['cuts_ms'],
            array_map(Flag::fromArray(...), $data['flags']),
            // Earlier versions wrote another hash.
            new CutHashes($data['pixels'] ?? '', $data['sound'] ?? ''),
        );
    }
}
