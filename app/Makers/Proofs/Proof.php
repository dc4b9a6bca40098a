<?php

declare(strict_types=1);

namespace App\Makers\Proofs;

use App\Shelves\Models\Short;

/** What pages show of a short before it is exported, and what was measured on it. */
final readonly class Proof
{
    /**
     * @param  string  $inputs  hash of what the plan was made of that it shows
     * @param  string  $key  of its video
     * @param  list<ClearCue>  $cues
     * @param  bool  $isMeasured  whether it is known already how clear its captions are
     * @param  list<array{int, int}>|null  $still  from when until when its picture stands still, in ms; null where that
     *   is not known
     */
    public function __construct(
        public string $inputs,
        public string $key,
        public array $cues,
        public bool $isMeasured = true,
        public ?array $still = null,
    ) {
    }

    /** The last one of a short, whether or not it is of its present plan; null where there is none. */
    public static function of(Short $short): ?self
    {
        $data = $short->proof === null ? null : json_decode($short->proof, true);
        if (! is_array($data) || ! is_string($data['inputs'] ?? null) || ! is_string($data['key'] ?? null)) {
            return null;
        }

        /**
         * @var array{
         *     inputs: string, key: string, cues: list<array{0: int}>, measured?: bool, still?: list<array{int, int}>
         * } $data
         */
        // @phpstan-ignore argument.type (as toJson() wrote it)
        $cues = array_map(ClearCue::fromArray(...), $data['cues']);

        return new self($data['inputs'], $data['key'], $cues, $data['measured'] ?? true, $data['still'] ?? null);
    }

    public function isOf(Short $short): bool
    {
        return $this->inputs === $short->planned_inputs && $short->isPlanned();
    }

    public function toJson(): string
    {
        return json_encode([
            'inputs' => $this->inputs, 'key' => $this->key,
            'cues' => array_map(static fn (ClearCue $cue): array => $cue->toArray(), $this->cues),
            ...$this->isMeasured ? [] : ['measured' => false],
            ...$this->still === null ? [] : ['still' => $this->still],
        ], JSON_THROW_ON_ERROR);
    }

    /** @return list<ClearCue> those that are hard to read */
    public function faint(): array
    {
        return array_values(array_filter($this->cues, static fn (ClearCue $cue): bool => $cue->isFaint()));
    }

    /**
     * The moments at which what stands behind captions is darkest, brightest and busiest.
     *
     * @return array{dark: int, bright: int, busy: int}|null in ms; null where there are no captions
     */
    public function hardest(): ?array
    {
        if ($this->cues === []) {
            return null;
        }
        $by = function (callable $of): int {
            $cues = $this->cues;
            usort($cues, static fn (ClearCue $a, ClearCue $b): int => $of($b) <=> $of($a));

            return $cues[0]->startMs;
        };

        return [
            'dark' => $by(static fn (ClearCue $cue): float => -$cue->bright),
            'bright' => $by(static fn (ClearCue $cue): float => $cue->bright),
            'busy' => $by(static fn (ClearCue $cue): float => $cue->busy),
        ];
    }
}
