<?php

declare(strict_types=1);

namespace RapidReel\Making\Finished;

/**
 * Finds where sound is clipped: where more than a few of its samples stand at the highest level there is. Bounds were
 * found on speech that was made too loud by 6 to 30 dB and encoded: the same speech at its right level has none.
 */
final class ClipFinder
{
    public const RATE = 48_000;

    /** A tenth of a second */
    private const SAMPLES = 4_800;

    /** Of full scale, and of the highest sample of a tenth */
    private const HIGH = 0.97;

    /** Share of a tenth's samples that stand there */
    private const SHARE = 0.008;

    /** Nearer to each other, two are one. */
    private const APART_MS = 300;

    private string $rest = '';

    private int $tenths = 0;

    private int $samples = 0;

    /** @var list<array{int, int}> */
    private array $spans = [];

    /** @param  string  $bytes  signed 16 bit, little endian, one channel, of any length */
    public function hear(string $bytes): void
    {
        $this->samples += strlen($bytes);
        $this->rest .= $bytes;
        while (strlen($this->rest) >= 2 * self::SAMPLES) {
            $this->tenth(substr($this->rest, 0, 2 * self::SAMPLES));
            $this->rest = substr($this->rest, 2 * self::SAMPLES);
        }
    }

    /** How long all of it was, in ms */
    public function heardMs(): int
    {
        return (int) round($this->samples / 2 / self::RATE * 1000);
    }

    /** @return list<array{int, int}> from when until when, in ms */
    public function spans(): array
    {
        return $this->spans;
    }

    private function tenth(string $bytes): void
    {
        $at = 100 * $this->tenths++;
        /** @var non-empty-array<int, int> $samples */
        $samples = unpack('s*', $bytes);
        $highest = max(max($samples), -min($samples));
        if ($highest < self::HIGH * 32_767) {
            return;
        }
        $bound = self::HIGH * $highest;
        $high = 0;
        foreach ($samples as $sample) {
            $high += $sample >= $bound || $sample <= -$bound ? 1 : 0;
        }
        if ($high < self::SHARE * self::SAMPLES) {
            return;
        }
        $last = array_pop($this->spans);
        if ($last !== null && $at - $last[1] > self::APART_MS) {
            $this->spans[] = $last;
            $last = null;
        }
        $this->spans[] = [$last[0] ?? $at, $at + 100];
    }
}
