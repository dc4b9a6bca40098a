<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\FrameGrid;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Choice\MusicLevel;

/** Brings the data of a cut that an earlier version wrote to how they are written now, one schema at a time. */
final class CutUpgrade
{
    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>|null null where the schema is not known
     */
    public static function toNow(array $data): ?array
    {
        return match ($data['schema'] ?? null) {
            Cut::SCHEMA => $data,
            2 => self::fromSecond($data),
            1 => self::fromSecond(self::fromFirst($data)),
            default => null,
        };
    }

    /**
     * In schema 1 a still had a held path and the name of a motion that was always of the same strength, a shot did not
     * know its word, and all music was as far under the voice.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function fromFirst(array $data): array
    {
        /**
         * @var array{
         *     scenes: list<array{shots: list<array<string, mixed>>}>, words: list<array{start_ms: int, scene: int}>,
         *     making: array{profile: string, music: array<string, mixed>|null}
         * } $data
         */
        $aspect = FrameShape::Upright->aspect();
        foreach ($data['scenes'] as $number => $scene) {
            $starts = array_column(
                array_filter($data['words'], static fn (array $word): bool => $word['scene'] === $number),
                'start_ms',
            );
            foreach ($scene['shots'] as $i => $shot) {
                $data['scenes'][$number]['shots'][$i] = self::shot($shot, $aspect, $i === 0 ? [] : $starts);
            }
        }
        if ($data['making']['music'] !== null) {
            $data['making']['music'] += ['under' => MusicLevel::UNDER_VOICE];
        }

        return [...$data, 'schema' => 2];
    }

    /**
     * In schema 2 captions had no places: they are set anew with the next plan. No picture was darkened.
     *
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function fromSecond(array $data): array
    {
        /** @var array{scenes: list<array{shots: list<array<string, mixed>>}>, making: array<string, mixed>} $data */
        $data['scenes'] = array_map(static fn (array $scene): array => [
            ...$scene,
            'shots' => array_map(static fn (array $shot): array => [...$shot, 'dim' => 0], $scene['shots']),
        ], $data['scenes']);
        unset($data['making']['style']);
        $data['making'] = [...$data['making'], 'cues' => [], 'styles' => []];

        return [...$data, 'schema' => Cut::SCHEMA];
    }

    /**
     * @param  array<string, mixed>  $shot
     * @param  list<int>  $starts  of the words of its scene; none for its first shot
     * @return array<string, mixed>
     */
    private static function shot(array $shot, float $aspect, array $starts): array
    {
        /**
         * @var array{
         *     start_ms: int, end_ms: int, width: int, height: int, fingerprint: string, motion: string|null
         * } $shot
         */
        $nearest = 0;
        foreach ($starts as $word => $ms) {
            $nearest = abs($ms - $shot['start_ms']) < abs($starts[$nearest] - $shot['start_ms']) ? $word : $nearest;
        }
        $grid = new FrameGrid(TargetPicture::USUAL_RATE);
        $lengthMs = $grid->msOf($grid->frameOf($shot['end_ms']) - $grid->frameOf($shot['start_ms']));
        $path = $shot['motion'] === null ? [] : [
            'path' => StillMotion::from($shot['motion'])->path(
                $shot['width'], $shot['height'], $aspect, $lengthMs, StillMotion::STRENGTH, $shot['fingerprint'],
            )->toArray(),
        ];
        $motion = $shot['motion'] === null ? null : StillMotion::from($shot['motion'])->of($shot['fingerprint']);
        unset($shot['motion']);

        return [
            ...$shot, ...$path, 'word' => $nearest, ...$motion === null ? [] : ['motion' => $motion->value],
        ];
    }
}
