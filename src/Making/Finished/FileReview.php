<?php

declare(strict_types=1);

namespace RapidReel\Making\Finished;

use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\TargetSound;
use RapidReel\Making\Mix\MixPlan;
use RapidReel\Making\Render\Quality;
use RapidReel\Plan\Choice\TransitionKind;
use RapidReel\Plan\Cut\Cut;

/** Holds a finished video against what it was to be. Bounds are common practice, no published source. */
final class FileReview
{
    /** Shorter ones are blinks, or lie between two shots. */
    private const BLACK_MS = 400;

    private const FROZEN_MS = 2_500;

    private const SILENT_MS = 2_000;

    /** Within speech, so long a silence is no pause. */
    private const MISSING_MS = 1_000;

    /** Where the picture begins to be black at once, and so no cover */
    private const FIRST_MS = 100;

    private const SOUND_SLACK_MS = 120;

    /**
     * @param  Cut|null  $cut  its plan, where it is known
     * @return list<FileFinding> those that stop it first
     */
    public static function of(
        FileFacts $facts,
        Target $target,
        ?Cut $cut = null,
        Quality $quality = Quality::Final,
    ): array {
        $found = [
            ...self::whole($facts),
            ...$facts->picture === null ? [] : self::picture($facts, $target, $cut, $quality),
            ...self::sound($facts, $target, $cut),
            ...self::spans($facts, $cut),
        ];
        usort($found, static fn (FileFinding $a, FileFinding $b): int => [
            $b->fault->stops(), $a->span[0] ?? 0,
        ] <=> [$a->fault->stops(), $b->span[0] ?? 0]);

        return $found;
    }

    /** @return list<FileFinding> */
    private static function whole(FileFacts $facts): array
    {
        $found = [];
        if ($facts->problem !== '') {
            $found[] = new FileFinding(
                FileFault::Broken, "It cannot be played to its end as it was written: {$facts->problem}",
            );
        }
        if ($facts->picture === null || $facts->picture['frames'] === 0) {
            $found[] = new FileFinding(FileFault::NoPicture, 'There is no picture in it.');
        }
        if (($facts->soundMs ?? 0) === 0) {
            $found[] = new FileFinding(FileFault::NoSound, 'There is no sound in it.');
        }

        return $found;
    }

    /** @return list<FileFinding> */
    private static function picture(FileFacts $facts, Target $target, ?Cut $cut, Quality $quality): array
    {
        $found = [];
        $seen = $facts->picture ?? ['width' => 0, 'height' => 0, 'fps' => 0.0, 'frames' => 0];
        $ms = $facts->pictureMs();
        if ($cut !== null) {
            [$width, $height] = $quality->size($cut->form->frame->shape, $target->picture->side);
            if ([$seen['width'], $seen['height']] !== [$width, $height]) {
                $found[] = new FileFinding(FileFault::OtherSize, sprintf(
                    'It is %d × %d pixels large and was to be %d × %d.', $seen['width'], $seen['height'], $width,
                    $height,
                ));
            }
            $frames = $cut->frames() + $cut->over->introOutro->frames($cut->grid());
            if ($seen['frames'] !== $frames && abs($seen['fps'] - $cut->grid()->fps) < 0.01) {
                $found[] = new FileFinding(FileFault::OtherLength, sprintf(
                    'It has %d frames and was to have %d.', $seen['frames'], $frames,
                ));
            }
        }
        if (abs($seen['fps'] - $target->picture->fps) > 0.01) {
            $found[] = new FileFinding(FileFault::OtherRate, sprintf(
                'It has %s frames a second and was to have %d.', round($seen['fps'], 2), $target->picture->fps,
            ));
        }
        if ($target->length->longestMs !== null && $ms > $target->length->longestMs) {
            $found[] = new FileFinding(FileFault::TooLong, sprintf(
                '%.1f s over the limit of %d s.', ($ms - $target->length->longestMs) / 1000,
                intdiv($target->length->longestMs, 1000),
            ));
        }
        if ($ms < $target->length->shortestMs) {
            $found[] = new FileFinding(FileFault::TooShort, sprintf(
                '%.1f s short of the %d s that are asked for.', ($target->length->shortestMs - $ms) / 1000,
                intdiv($target->length->shortestMs, 1000),
            ));
        }
        if ($target->file->most !== null && $quality === Quality::Final && $facts->bytes > $target->file->most) {
            $found[] = new FileFinding(FileFault::TooLarge, sprintf(
                'It has %.1f MB; %.1f MB are taken.', $facts->bytes / 1e6, $target->file->most / 1e6,
            ));
        }

        return $found;
    }

    /** @return list<FileFinding> */
    private static function sound(FileFacts $facts, Target $target, ?Cut $cut): array
    {
        $found = [];
        if ($facts->soundMs === null || $facts->soundMs === 0) {
            return [];
        }
        $due = $cut === null ? $facts->pictureMs() : (int) round(1000 * MixPlan::whole($cut)->wholeSeconds());
        if ($due > 0 && abs($facts->soundMs - $due) > self::SOUND_SLACK_MS) {
            $found[] = new FileFinding(FileFault::OtherLength, sprintf(
                'Its sound lasts %.2f s and was to last %.2f s.', $facts->soundMs / 1000, $due / 1000,
            ));
        }
        ['loudness' => $loudness, 'peak' => $peak] = $facts->levels;
        if ($loudness > -60 && abs($loudness - $target->sound->loudness) > TargetSound::NEAR) {
            $found[] = new FileFinding(FileFault::OtherLoudness, sprintf(
                'It is %.1f LUFS loud and was to be %.1f.', $loudness, $target->sound->loudness,
            ));
        }
        if ($peak > $target->sound->truePeak + TargetSound::OVER) {
            $found[] = new FileFinding(FileFault::PeakHigh, sprintf(
                'Its peaks reach %.1f dBTP; %.1f are taken.', $peak, $target->sound->truePeak,
            ));
        }
        foreach ($facts->spans['clipped'] as $span) {
            $found[] = self::at(FileFault::Clipped, 'The sound is clipped', $span);
        }

        return $found;
    }

    /** @return list<FileFinding> */
    private static function spans(FileFacts $facts, ?Cut $cut): array
    {
        $found = [];
        foreach ($facts->spans['black'] as $i => $span) {
            if ($i === 0 && $span[0] === 0 && $span[1] > 0 && ($cut === null || ! self::opens($cut))) {
                $found[] = $span[1] >= self::FIRST_MS
                    ? self::at(FileFault::BlackFirst, 'The first frames are black', $span)
                    : new FileFinding(FileFault::BlackFirst, 'The first frame is black.', $span);
            } elseif (self::BLACK_MS + self::dipMs($cut, $span) <= $span[1] - $span[0]) {
                $found[] = self::at(FileFault::Black, 'Nothing but black is seen', $span);
            }
        }
        foreach ($facts->spans['frozen'] as $span) {
            if ($span[1] - $span[0] >= self::FROZEN_MS && ! self::isBlack($facts, $span)) {
                $found[] = self::at(FileFault::Frozen, 'Nothing moves', $span);
            }
        }
        foreach ($facts->spans['silent'] as $span) {
            $said = self::saidMs($cut, $span);
            if ($said >= self::MISSING_MS) {
                $found[] = self::at(FileFault::NoSound, 'Nobody is heard where somebody was to speak', $span);
            } elseif ($span[1] - $span[0] >= self::SILENT_MS) {
                $found[] = self::at(FileFault::Silent, 'Nothing is heard', $span);
            }
        }

        return $found;
    }

    /** @param  array{int, int}  $span */
    private static function at(FileFault $fault, string $what, array $span): FileFinding
    {
        return new FileFinding(
            $fault, sprintf('%s from %.1f to %.1f s.', $what, $span[0] / 1000, $span[1] / 1000), $span,
        );
    }

    /** Whether what stands before a short may begin as it likes. */
    private static function opens(Cut $cut): bool
    {
        return $cut->over->introOutro->openingMs() > 0;
    }

    /**
     * How long a picture goes through black there by plan.
     *
     * @param  array{int, int}  $span
     */
    private static function dipMs(?Cut $cut, array $span): int
    {
        $later = $cut?->over->introOutro->openingMs() ?? 0;
        foreach ($cut->scenes ?? [] as $scene) {
            foreach ($scene->shots as $shot) {
                $transition = $shot->view->transition;
                $isNear = $transition !== null && abs($shot->endMs + $later - $span[1]) <= $transition->ms;
                if ($transition?->kind === TransitionKind::Dip && $isNear) {
                    return $transition->ms;
                }
            }
        }

        return 0;
    }

    /** @param  array{int, int}  $span */
    private static function isBlack(FileFacts $facts, array $span): bool
    {
        foreach ($facts->spans['black'] as [$from, $until]) {
            if (min($until, $span[1]) - max($from, $span[0]) > 0.8 * ($span[1] - $span[0])) {
                return true;
            }
        }

        return false;
    }

    /**
     * For how long somebody was to speak then.
     *
     * @param  array{int, int}  $span
     */
    private static function saidMs(?Cut $cut, array $span): int
    {
        $later = $cut?->over->introOutro->openingMs() ?? 0;
        $said = 0;
        foreach ($cut->words ?? [] as $word) {
            $from = max($word->timing->startMs + $later, $span[0]);
            $said += max(0, min($word->timing->endMs + $later, $span[1]) - $from);
        }

        return $said;
    }
}
