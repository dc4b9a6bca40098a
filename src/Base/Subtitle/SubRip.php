<?php

declare(strict_types=1);

namespace RapidReel\Base\Subtitle;

/** SubRip files, read and written. */
final class SubRip
{
    /** Keeps players from taking text for a mark of the format, which has no escapes. */
    private const JOINER = "\u{2060}";

    private const TAG = '/<\/?(?:[biusc]|font|v|lang|ruby|rt)(?:[.\s][^<>\n]*)?>|<\d{1,2}:[\d:.,]+>|\{\\\\[^}\n]*\}/i';

    /** @param  list<TimedCue>  $cues */
    public static function write(array $cues): string
    {
        $blocks = '';
        foreach ($cues as $i => $cue) {
            $blocks .= sprintf(
                "%d\n%s --> %s\n%s\n\n",
                $i + 1,
                Times::write($cue->startMs, ','),
                Times::write($cue->endMs, ','),
                self::escape($cue->text),
            );
        }

        return $blocks;
    }

    /** @return list<TimedCue> in their order; what is none is passed over */
    public static function read(string $text): array
    {
        $cues = [];
        $at = [];
        $lines = [];
        $blank = true;
        // One more line of times, so that the last caption is put like the others.
        $all = explode("\n", Times::plain($text)."\n\n0:0:0,0 --> 0:0:0,0");
        foreach ($all as $line) {
            if (preg_match('/^'.Times::LINE.'/', $line, $found) === 1) {
                // The number above it belongs to it.
                if (! $blank && $lines !== [] && preg_match('/^\s*\d+\s*$/', end($lines)) === 1) {
                    array_pop($lines);
                }
                $said = trim(implode("\n", $lines));
                if ($at !== [] && $said !== '') {
                    $cues[] = new TimedCue($at[0], $at[1], $said);
                }
                $at = [
                    Times::ms($found[1], $found[2], $found[3], $found[4]),
                    Times::ms($found[5], $found[6], $found[7], $found[8]),
                ];
                $lines = [];
                $blank = false;
            } elseif (trim($line) === '') {
                $blank = true;
            } elseif (! $blank || preg_match('/^\s*\d+\s*$/', $line) !== 1) {
                $lines[] = self::bare($line);
                $blank = false;
            }
        }

        return $cues;
    }

    private static function bare(string $line): string
    {
        $plain = (string) preg_replace(self::TAG, '', $line);

        return trim(str_replace(
            ['<'.self::JOINER, '{'.self::JOINER, '\\'.self::JOINER, '--'.self::JOINER.'>'],
            ['<', '{', '\\', '-->'],
            $plain,
        ));
    }

    private static function escape(string $text): string
    {
        $lines = array_map(
            static fn (string $line): string => trim((string) preg_replace('/\s+/u', ' ', $line)),
            explode("\n", $text),
        );

        return str_replace(
            ['<', '{', '\\', '-->'],
            ['<'.self::JOINER, '{'.self::JOINER, '\\'.self::JOINER, '--'.self::JOINER.'>'],
            implode("\n", array_filter($lines, static fn (string $line): bool => $line !== '')),
        );
    }
}
