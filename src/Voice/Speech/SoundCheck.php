<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/** What has to be known of a recording as a whole, heard piece by piece: its length does not matter. */
final readonly class SoundCheck
{
    /** From this share of samples at full scale on it can be heard. */
    private const AUDIBLE = 0.001;

    /** @param  list<float>  $levels  root mean square of every 10 ms, 0…1 of full scale */
    private function __construct(
        public array $levels,
        public int $peak,
        public bool $isClipped,
    ) {
    }

    /** @param  iterable<Pcm>  $pieces  one after the other, each a whole number of 10 ms long but the last */
    public static function of(iterable $pieces): self
    {
        $levels = [];
        [$peak, $full, $count] = [0, 0, 0];
        foreach ($pieces as $piece) {
            foreach ($piece->levels() as $level) {
                $levels[] = $level;
            }
            $values = Pcm::values($piece->bytes);
            if ($values === []) {
                continue;
            }
            $most = max(max($values), -min($values));
            $peak = max($peak, $most);
            $count += count($values);
            if ($most >= 32_760) {
                foreach ($values as $value) {
                    $full += $value >= 32_760 || $value <= -32_760 ? 1 : 0;
                }
            }
        }

        return new self($levels, $peak, $full > self::AUDIBLE * max(1, $count));
    }
}
