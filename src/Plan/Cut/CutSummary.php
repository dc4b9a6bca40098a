<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\TargetProfile;

/** What a row of the rundown shows of a cut, small enough to be read for hundreds of shorts at once. Times in ms. */
final readonly class CutSummary
{
    /**
     * @param  list<array{int, int, string}>  $scenes  start, end and role
     * @param  list<int>  $changesMs  where pictures change inside scenes
     * @param  list<Flag>  $flags
     * @param  string  $pixels  of the rendered picture, a hash free of titles and flags; empty while there is none
     * @param  string  $sound  the same of the mix
     * @param  array{int, int}  $introOutro  how long something stands before and after; no other time here counts it
     */
    public function __construct(
        public TargetProfile $profile,
        public int $durationMs,
        public int $hookMs,
        public int $words,
        public array $scenes,
        public array $changesMs,
        public array $flags,
        public string $pixels = '',
        public string $sound = '',
        public array $introOutro = [0, 0],
    ) {
    }

    /** Of a cut with its pictures. */
    public static function of(Cut $cut, string $pixels, string $sound): self
    {
        return new self(
            $cut->form->profile,
            $cut->durationMs,
            $cut->found->hookMs,
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
            $pixels,
            $sound,
            [$cut->over->introOutro->openingMs(), $cut->over->introOutro->ms() - $cut->over->introOutro->openingMs()],
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
            $this->profile,
            $this->durationMs,
            $this->hookMs,
            $this->words,
            $this->scenes,
            $this->changesMs,
            [...$this->flags, ...$flags],
            $this->pixels,
            $this->sound,
            $this->introOutro,
        );
    }

    /** How long it is with what stands before and after it. */
    public function wholeMs(): int
    {
        return $this->durationMs + array_sum($this->introOutro);
    }

    /** When the hook has been said. */
    public function hookOutMs(): int
    {
        return $this->introOutro[0] + $this->hookMs;
    }

    public function isOver(): bool
    {
        return $this->wholeMs() > $this->profile->longestMs();
    }

    public function isUnder(): bool
    {
        return $this->wholeMs() < $this->profile->shortestMs();
    }

    public function isHookLate(): bool
    {
        return $this->hookOutMs() > $this->profile->hookWindowMs();
    }

    public function wordsASecond(): float
    {
        return $this->words * 1000 / max(1, $this->durationMs);
    }

    public function shots(): int
    {
        return count($this->scenes) + count($this->changesMs);
    }

    /** Mean length of a shot in ms */
    public function meanShotMs(): int
    {
        return (int) round($this->durationMs / max(1, $this->shots()));
    }

    public function toJson(): string
    {
        return json_encode([
            'profile' => $this->profile->value,
            'duration_ms' => $this->durationMs,
            'hook_ms' => $this->hookMs,
            'words' => $this->words,
            'scenes' => $this->scenes,
            'cuts_ms' => $this->changesMs,
            'flags' => array_map(static fn (Flag $flag): array => $flag->toArray(), $this->flags),
            'pixels' => $this->pixels,
            'sound' => $this->sound,
            ...$this->introOutro === [0, 0] ? [] : ['around' => $this->introOutro],
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    public static function fromJson(string $json): self
    {
        // What was encoded above has this shape.
        /**
         * @var array{
         *     profile: string, duration_ms: int, hook_ms: int, words: int, scenes: list<array{int, int, string}>,
         *     cuts_ms: list<int>, flags: list<array{code: string, message: string}>, pixels?: string, sound?: string,
         *     around?: array{int, int}
         * } $data
         */
        $data = json_decode($json, true, 16, JSON_THROW_ON_ERROR);

        return new self(
            TargetProfile::from($data['profile']),
            $data['duration_ms'],
            $data['hook_ms'],
            $data['words'],
            $data['scenes'],
            $data['cuts_ms'],
            array_map(Flag::fromArray(...), $data['flags']),
            // Earlier versions wrote another hash.
            $data['pixels'] ?? '',
            $data['sound'] ?? '',
            $data['around'] ?? [0, 0],
        );
    }
}
