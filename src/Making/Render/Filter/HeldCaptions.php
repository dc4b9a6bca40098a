<?php

declare(strict_types=1);

namespace RapidReel\Making\Render\Filter;

use RapidReel\Captions\Drawing\CaptionScript;

/**
 * Captions that hold still from one moment to the next: they need be drawn only where they change, and only the band of
 * the frame that they stand in is laid over the picture. Drawing them into every frame costs as much as a sixth of
 * encoding it.
 */
final readonly class HeldCaptions
{
    /** Where more frames than that part of all have other captions, it costs less to draw them into every one. */
    private const MOST_CHANGES = 0.5;

    private const EVENT = '/^Dialogue: \d+,(\d+):(\d+):(\d+)\.(\d+),(\d+):(\d+):(\d+)\.(\d+),/m';

    /**
     * @param  non-empty-list<int>  $changes  frames at which other words are shown, from 0, rising
     * @param  int  $top  of the band, in pixels, even
     * @param  int  $height  of it, in pixels, even
     * @param  string  $script  the captions, as ASS, for a frame of no more than the band
     */
    private function __construct(
        public array $changes,
        public int $top,
        public int $height,
        public string $script,
    ) {
    }

    /** @return self|null null where they change so often that they are to be drawn into every frame */
    public static function of(CaptionScript $captions, int $frames, int $fps, int $frameHeight): ?self
    {
        $lines = preg_match('/^PlayResY: (\d+)$/m', $captions->ass, $found) === 1 ? (int) $found[1] : 0;
        if ($captions->band === null || $lines % $frameHeight !== 0) {
            return null;
        }
        $changes = self::changes($captions->ass, $frames, $fps);
        if (count($changes) > max(3, self::MOST_CHANGES * $frames)) {
            return null;
        }
        // Lines of the script to one of the frame.
        $finer = intdiv($lines, $frameHeight);
        $from = 2 * (int) floor($captions->band[0] / $finer / 2);
        $until = min($frameHeight, 2 * (int) ceil($captions->band[1] / $finer / 2));
        if ($until <= $from) {
            return null;
        }
        $moved = self::moved($captions->ass, $from * $finer, ($until - $from) * $finer);

        return new self($changes, $from, $until - $from, $moved);
    }

    /** @return non-empty-list<int> */
    private static function changes(string $script, int $frames, int $fps): array
    {
        $changes = [0 => 0];
        preg_match_all(self::EVENT, $script, $events, PREG_SET_ORDER);
        foreach ($events as $found) {
            foreach ([array_slice($found, 1, 4), array_slice($found, 5, 4)] as [$hour, $minute, $second, $hundredth]) {
                $ms = 10 * (int) $hundredth + 1000 * ((int) $second + 60 * ((int) $minute + 60 * (int) $hour));
                // The first frame whose time, in whole milliseconds, is not before that.
                $frame = intdiv($ms * $fps + 999, 1000);
                if ($frame < $frames) {
                    $changes[$frame] = $frame;
                }
            }
        }
        sort($changes);

        return $changes;
    }

    /** The same captions in a frame that begins further down and has another height, both in lines of the script. */
    private static function moved(string $script, int $down, int $height): string
    {
        $shorter = (string) preg_replace('/^PlayResY: \d+$/m', "PlayResY: $height", $script, 1);

        return (string) preg_replace_callback(
            '/^(Dialogue: [^{]*\{[^}]*?\\\\pos\([\d.-]+,)([\d.-]+)/m',
            static fn (array $found): string => $found[1].round((float) $found[2] - $down, 2),
            $shorter,
        );
    }
}
