<?php

declare(strict_types=1);

namespace Tests\Core\Making\Mix;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Making\Mix\Beat\OnsetMeter;
use RapidReel\Making\Mix\Beat\Rhythm;
use RapidReel\Making\Mix\Beat\TempoMeter;
use RapidReel\Voice\Speech\Pcm;
use Tests\Support\Tunes;

final class RhythmTest extends TestCase
{
    private static function heard(Pcm $sound): ?Rhythm
    {
        return TempoMeter::of(OnsetMeter::of($sound), OnsetMeter::of($sound, true));
    }

    /** @return array<string, array{string, float, float}> what is played, beats a minute, seconds before the first */
    public static function tunes(): array
    {
        $tunes = [];
        foreach (['click', 'kick', 'pluck', 'chords'] as $kind) {
            foreach ([[70.0, 0.3], [100.0, 0.45], [146.0, 0.08]] as [$bpm, $first]) {
                $tunes["$kind at $bpm"] = [$kind, $bpm, $first];
            }
        }

        // Both drums in turn are the beat, however fast; tones that swell and fade together are none.
        foreach (['drums' => [74.0, 118.0, 170.0], 'held' => [88.0, 131.0]] as $kind => $tempos) {
            foreach ($tempos as $bpm) {
                $tunes["$kind at $bpm"] = [$kind, $bpm, 0.21];
            }
        }

        return $tunes;
    }

    /** Bounds of the trade: within 2 % and 30 ms (common practice, no published source). */
    #[DataProvider('tunes')]
    public function test_tempo_and_beats_of_what_was_played_are_found(string $kind, float $bpm, float $first): void
    {
        $rhythm = self::heard(Tunes::play($kind, $bpm, $first, 14));

        self::assertNotNull($rhythm);
        self::assertEqualsWithDelta($bpm, $rhythm->bpm, 0.02 * $bpm);
        $beat = 60_000 / $bpm;
        foreach ($rhythm->beats as $ms) {
            $off = fmod($ms - 1000 * $first + 100 * $beat, $beat);
            self::assertLessThan(30, min($off, $beat - $off), "the beat at $ms ms");
        }
    }

    #[DataProvider('meters')]
    public function test_bars_begin_where_the_accents_are(int $perBar): void
    {
        $rhythm = self::heard(Tunes::play('kick', 100, 0.5, 16, $perBar));

        self::assertSame($perBar, $rhythm?->perBar);
        foreach ($rhythm->bars() as $ms) {
            $off = fmod($ms - 500 + 72_000, $perBar * 600);
            self::assertLessThan(30, min($off, $perBar * 600 - $off), "the bar at $ms ms");
        }
    }

    /** @return list<array{int}> */
    public static function meters(): array
    {
        return [[3], [4]];
    }

    public function test_a_bass_says_where_bars_begin_where_other_notes_are_stronger(): void
    {
        $rhythm = self::heard(Tunes::play('bass', 96, 0.2, 16));

        self::assertSame(4, $rhythm?->perBar);
        self::assertEqualsWithDelta(200, $rhythm->bars()[0], 30);
    }

    public function test_what_does_not_beat_has_no_rhythm(): void
    {
        self::assertNull(self::heard(new Pcm(str_repeat("\0\0", 160_000), 16_000)), 'silence');
        foreach ([[4, 5], [6, 11], [6, 12], [9, 13]] as [$seconds, $seed]) {
            self::assertNull(self::heard(Tunes::noise($seconds, $seed)), "noise for $seconds s");
        }
        self::assertNull(self::heard(Tunes::play('kick', 100, 0, 2)), 'too short to tell');
        $this->expectException(InvalidArgumentException::class);
        OnsetMeter::of(new Pcm("\0\0", 8_000));
    }
}
