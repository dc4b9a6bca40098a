<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;

/** Points of a line over time: "12.5:-3, 20:+4", seconds and dB; empty for none. Kept in order, one at a moment. */
final readonly class LineType implements SettingType
{
    public const MOST_POINTS = 60;

    public const MOST_DB = 24;

    private const MOST_SECONDS = 600;

    public function read(string $written): string
    {
        $points = [];
        foreach (array_filter(array_map(trim(...), explode(',', $written)), self::isWritten(...)) as $one) {
            if (preg_match('/^(\d{1,3}(?:\.\d{1,3})?)\s*s?\s*:\s*([+-]?\d{1,2})\s*(?:dB)?$/i', $one, $found) !== 1
                || (float) $found[1] > self::MOST_SECONDS
                || abs((int) $found[2]) > self::MOST_DB) {
                throw new Refusal(sprintf(
                    'A point of the line is written as seconds and dB, such as 12.5:-3, at most %d dB; “%s” is none.',
                    self::MOST_DB,
                    mb_strimwidth($one, 0, 40, '…'),
                ));
            }
            $points[(int) round(1000 * (float) $found[1])] = (int) $found[2];
        }
        if (count($points) > self::MOST_POINTS) {
            throw new Refusal(sprintf('A line has at most %d points.', self::MOST_POINTS));
        }
        ksort($points);

        return implode(', ', array_map(
            static fn (int $ms, int $db): string => sprintf('%s:%d', self::seconds($ms), $db),
            array_keys($points),
            $points,
        ));
    }

    public function says(int|float|string $value): string
    {
        $count = count(self::points((string) $value));

        return match ($count) {
            0 => 'none',
            1 => 'one point',
            default => "$count points",
        };
    }

    /** @return list<array{int, int}> ms and dB of what read() wrote */
    public static function points(string $value): array
    {
        $points = [];
        foreach (array_filter(explode(', ', $value), static fn (string $one): bool => $one !== '') as $one) {
            [$seconds, $db] = [...explode(':', $one), '0'];
            $points[] = [(int) round(1000 * (float) $seconds), (int) $db];
        }

        return $points;
    }

    public function toArray(): array
    {
        return ['type' => 'line', 'unit' => 'dB', 'range' => [-self::MOST_DB, self::MOST_DB]];
    }

    private static function isWritten(string $one): bool
    {
        return $one !== '';
    }

    private static function seconds(int $ms): string
    {
        return rtrim(rtrim(number_format($ms / 1000, 3, '.', ''), '0'), '.');
    }
}
