<?php

declare(strict_types=1);

namespace RapidReel\Render;

/**
 * Captions of which each holds still from one moment to the next: they need be drawn only where they change, and only
 * the band of the frame that they stand in is laid over the picture. Drawing them into every frame costs as much as a
 * sixth of encoding it.
 */
final readonly class HeldCaptions
{
    /** Room above and below the lines, in sizes of the type: edges, shadows, tall marks of faces that step in. */
    private const MARGIN = 0.5;

    private const EVENT = '/^Dialogue: \d+,(\d+):(\d+):(\d+)\.(\d+),(\d+):(\d+):(\d+)\.(\d+),'
        .'\w*,[^,]*,\d+,\d+,\d+,[^,]*,'
        .'\{\\\\an5\\\\pos\(\d+,(\d+)\)(?:\\\\fs(\d+))?\}(.*)$/';

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

    /**
     * @param  string  $script  as ASS
     * @return self|null null where something in it moves, or may; it is to be drawn into every frame then
     */
    public static function of(string $script, int $frames, int $fps, int $frameHeight): ?self
    {
        if (preg_match('/^PlayResY: (\d+)$/m', $script, $whole) !== 1
            || preg_match('/^Style: [^,]*,[^,]*,(\d+)/m', $script, $usual) !== 1
            || preg_match_all('/^Dialogue:.*$/m', $script, $events) < 1
            || (int) $whole[1] % $frameHeight !== 0) {
            return null;
        }
        $changes = [0];
        [$top, $bottom] = [INF, 0.0];
        foreach ($events[0] as $event) {
            if (preg_match(self::EVENT, $event, $found) !== 1 || self::moves($found[11])) {
                return null;
            }
            foreach ([array_slice($found, 1, 4), array_slice($found, 5, 4)] as [$hour, $minute, $second, $hundredth]) {
                $ms = 10 * (int) $hundredth + 1000 * ((int) $second + 60 * ((int) $minute + 60 * (int) $hour));
                // The first frame whose time, in whole milliseconds, is not before that.
                $frame = intdiv($ms * $fps + 999, 1000);
                if ($frame < $frames) {
                    $changes[$frame] = $frame;
                }
            }
            $size = (int) ($found[10] !== '' ? $found[10] : $usual[1]);
            $half = $size * ((substr_count($found[11], '\N') + 1) / 2 + self::MARGIN);
            $top = min($top, (int) $found[9] - $half);
            $bottom = max($bottom, (int) $found[9] + $half);
        }
        sort($changes);
        // Lines of the script to one of the frame.
        $finer = intdiv((int) $whole[1], $frameHeight);
        $from = max(0, 2 * (int) floor($top / $finer / 2));
        $until = min($frameHeight, 2 * (int) ceil($bottom / $finer / 2));
        if ($until <= $from) {
            return null;
        }

        $moved = self::moved($script, $from * $finer, ($until - $from) * $finer);

        return new self($changes, $from, $until - $from, $moved);
    }

    /** The same captions in a frame that begins further down and has another height, both in lines of the script. */
    private static function moved(string $script, int $down, int $height): string
    {
        $shorter = (string) preg_replace('/^PlayResY: \d+$/m', "PlayResY: $height", $script, 1);

        return (string) preg_replace_callback(
            '/^(Dialogue: .*?\\\\pos\(\d+,)(\d+)/m',
            static fn (array $found): string => $found[1].((int) $found[2] - $down),
            $shorter,
        );
    }

    /** Whether a line has any order in it but that of another colour. */
    private static function moves(string $line): bool
    {
        $bare = (string) preg_replace(['/\\\\[{}]/', '/\{\\\\1c&H[0-9A-F]+&?\}/'], '', $line);

        return str_contains($bare, '{');
    }
}
