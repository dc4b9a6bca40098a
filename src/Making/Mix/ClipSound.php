<?php

declare(strict_types=1);

namespace RapidReel\Making\Mix;

use RapidReel\Plan\Choice\MusicLevel;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutShot;

/** What a clip sounds like itself, under its shot. Times in ms. */
final readonly class ClipSound
{
    /** It comes and goes so fast: no click where pictures change. */
    public const EDGE_MS = 30;

    /**
     * @param  string  $fingerprint  of the clip
     * @param  int  $atMs  of the short
     * @param  int  $inMs  of the clip
     * @param  int  $lengthMs  of the short
     * @param  float  $speed  that the clip is shown at
     * @param  int  $under  how far it stays under the voice, in dB
     * @param  LevelLine  $line  its level over the shot, in dB against the voice, from the begin of the short
     */
    private function __construct(
        public string $fingerprint,
        public int $atMs,
        public int $inMs,
        public int $lengthMs,
        public float $speed,
        public int $under,
        public LevelLine $line,
    ) {
    }

    /**
     * @param  array{
     *     fingerprint: string, atMs: int, inMs: int, lengthMs: int, speed: float|int, under: int,
     *     line: array{points: non-empty-list<array{int, float|int}>}
     * }  $data  its fields
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['fingerprint'], $data['atMs'], $data['inMs'], $data['lengthMs'], (float) $data['speed'],
            $data['under'], LevelLine::fromArray($data['line']),
        );
    }

    /** @return list<self> */
    public static function all(Cut $cut): array
    {
        $found = [];
        foreach ($cut->scenes as $scene) {
            foreach ($scene->shots as $shot) {
                if ($shot->source->isClip() && $shot->play->sound !== null) {
                    $found[] = self::of($shot, $shot->play->sound, $cut);
                }
            }
        }

        return $found;
    }

    private static function of(CutShot $shot, int $under, Cut $cut): self
    {
        $music = $cut->sound->music;
        $attack = $music->level->attackMs ?? MusicLevel::ATTACK_MS;
        $release = $music->level->releaseMs ?? MusicLevel::RELEASE_MS;

        return new self(
            $shot->source->fingerprint,
            $shot->startMs,
            $shot->play->inMs,
            $shot->endMs - $shot->startMs,
            $shot->play->speed,
            $under,
            Ducking::line(
                Ducking::speech($cut->words, $attack + $release + Ducking::UP_MS),
                $under,
                $music->level->lift ?? MusicLevel::LIFT,
                $attack,
                $release,
                $cut->durationMs,
            ),
        );
    }
}
