<?php

declare(strict_types=1);

namespace RapidReel\Base\Subtitle;

/** WebVTT files (W3C), read and written: with a place in the frame, and a time before words where they are known. */
final class WebVtt
{
    private const TIME = '/<((?:\d{1,4}:)?\d{1,2}:\d{2}\.\d{3})>/';

    public static function isOne(string $text): bool
    {
        return preg_match('/^\s*WEBVTT(?:[ \t\n]|$)/', Times::plain($text)) === 1;
    }

    /** @param  list<TimedCue>  $cues */
    public static function write(array $cues): string
    {
        $text = "WEBVTT\n\n";
        foreach ($cues as $i => $cue) {
            $text .= sprintf(
                "%d\n%s --> %s%s\n%s\n\n",
                $i + 1,
                Times::write($cue->startMs, '.'),
                Times::write($cue->endMs, '.'),
                $cue->middle === null
                    ? ''
                    : sprintf(' line:%.1f%%,center position:50%% align:center', 100 * $cue->middle),
                self::payload($cue),
            );
        }

        return $text;
    }

    /** @return list<TimedCue> */
    public static function read(string $text): array
    {
        $cues = [];
        foreach ((array) preg_split('/\n[ \t]*\n/', Times::plain($text)) as $block) {
            $lines = explode("\n", trim((string) $block, "\n"));
            // Before its times a cue may have a name.
            $at = preg_match('/^'.Times::LINE.'/', $lines[0]) === 1 ? 0 : 1;
            if (preg_match('/^'.Times::LINE.'(.*)$/', $lines[$at] ?? '', $found) !== 1
                || preg_match('/^(?:NOTE|STYLE|REGION)\b/', $lines[0]) === 1) {
                continue;
            }
            $cue = self::cue(
                Times::ms($found[1], $found[2], $found[3], $found[4]),
                Times::ms($found[5], $found[6], $found[7], $found[8]),
                implode("\n", array_slice($lines, $at + 1)),
                preg_match('/\bline:(\d{1,3}(?:\.\d+)?)%/', $found[9], $line) === 1 ? (float) $line[1] / 100 : null,
            );
            if ($cue->text !== '') {
                $cues[] = $cue;
            }
        }

        return $cues;
    }

    private static function cue(int $startMs, int $endMs, string $payload, ?float $middle): TimedCue
    {
        $parts = preg_split(self::TIME, $payload, -1, PREG_SPLIT_DELIM_CAPTURE);
        $parts = $parts === false ? [$payload] : $parts;
        $text = self::bare($parts[0]);
        $spans = trim($text) === '' ? [] : [[$startMs, $text]];
        for ($i = 1; $i + 1 < count($parts); $i += 2) {
            preg_match('/^(?:(\d+):)?(\d+):(\d+)\.(\d+)$/', $parts[$i], $at);
            $part = self::bare($parts[$i + 1]);
            $text .= $part;
            if (trim($part) !== '') {
                $spans[] = [Times::ms($at[1] ?? '', $at[2] ?? '', $at[3] ?? '', $at[4] ?? ''), $part];
            }
        }

        return new TimedCue($startMs, $endMs, trim($text), count($parts) > 1 ? $spans : [], $middle);
    }

    private static function bare(string $text): string
    {
        return html_entity_decode((string) preg_replace('/<[^>]*>/', '', $text), ENT_QUOTES | ENT_HTML5);
    }

    /** A time must lie inside the cue and after the one before it (WebVTT, 4.2.2). */
    private static function payload(TimedCue $cue): string
    {
        if ($cue->spans === []) {
            return self::escape($cue->text);
        }
        $payload = '';
        $at = $cue->startMs;
        foreach ($cue->spans as [$ms, $text]) {
            $isInside = $ms > $at && $ms < $cue->endMs;
            $payload .= ($isInside ? '<'.Times::write($ms, '.').'>' : '').self::escape($text);
            $at = max($at, $ms);
        }

        return trim($payload);
    }

    private static function escape(string $text): string
    {
        return str_replace(
            ['&', '<', '>'],
            ['&amp;', '&lt;', '&gt;'],
            (string) preg_replace(['/[^\S\n]+/u', '/ ?\n\s*/'], [' ', "\n"], $text),
        );
    }
}
