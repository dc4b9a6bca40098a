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
    private const MARGIN = 0.75;

    private const EVENT = '/^Dialogue: \d+,(\d+):(\d+):(\d+)\.(\d+),(\d+):(\d+):(\d+)\.(\d+),'
        .'\w*,[^,]*,\d+,\d+,\d+,[^,]*,'
        .'\{\\\\an5\\\\pos\(\d+,(\d+)\)(?:\\\\fs(\d+))?\}(.*)$/';

    /**
     * @param  non-empty-list<int>  $changes  frames at which other words are shown, from 0, rising
     * @param  int  $top  of the band, in pixels, even
     * @param  int  $height  of it, in pixels, even
     */
    private function __construct(
        public array $changes,
        public int $top,
        public int $height,
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
            || preg_match_all('/^Dialogue:.*$/m', $script, $events) < 1) {
            return null;
        }
        $changes = [0 => true];
        [$top, $bottom] = [INF, 0.0];
        foreach ($events[0] as $event) {
            if (preg_match(self::EVENT, $event, $found) !== 1 || self::moves($found[11])) {
                return null;
            }
            foreach ([array_slice($found, 1, 4), array_slice($found, 5, 4)] as [$hour, $minute, $second, $hundredth]) {
                $ms = 10 * (int) $hundredth + 1000 * ((int) $second + 60 * ((int) $minute + 60 * (int) $hour));
                // The first frame whose time, in whole milliseconds, is not before that.
                $frame = intdiv($ms * $fps + 999, 1000);
                $changes[$frame] = $frame < $frames;
            }
            $size = (int) ($found[10] !== '' ? $found[10] : $usual[1]);
            $half = $size * ((substr_count($found[11], '\N') + 1) / 2 + self::MARGIN);
            $top = min($top, (int) $found[9] - $half);
            $bottom = max($bottom, (int) $found[9] + $half);
        }
        $changes = array_keys(array_filter($changes));
        sort($changes);
        $scale = $frameHeight / (int) $whole[1];
        $from = max(0, 2 * (int) floor($top * $scale / 2));
        $until = min($frameHeight, 2 * (int) ceil($bottom * $scale / 2));

        return $changes === [] || $until <= $from ? null : new self($changes, $from, $until - $from);
    }

    /** Whether a line has any order in it but that of another colour. */
    private static function moves(string $line): bool
    {
        $bare = (string) preg_replace(['/\\\\[{}]/', '/\{\\\\1c&H[0-9A-F]+&?\}/'], '', $line);

        return str_contains($bare, '{');
    }
}
