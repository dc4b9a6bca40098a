<?php

declare(strict_types=1);

namespace RapidReel\Base\Subtitle;

/**
 * What Advanced SubStation Alpha scripts (v4.00+) say and when; how it looks is left out. A file of ours says its cues
 * with their word times in comments, as it draws every word by itself.
 */
final class Ass
{
    /** The effect field of comments that hold a cue with the times of its words. */
    public const WORDS = 'words';

    /** Keeps a backslash from beginning an order. */
    private const JOINER = "\u{2060}";

    /** Embeddings and isolates (Unicode Standard Annex #9, 2). */
    private const DIRECTIONS = '/[\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    public static function isOne(string $text): bool
    {
        return preg_match('/^\s*\[(?:Script Info|V4\+? Styles|Events)\]/i', Times::plain($text)) === 1;
    }

    /** @return list<TimedCue> in order of their times; drawings are passed over */
    public static function read(string $text): array
    {
        $fields = ['layer', 'start', 'end', 'style', 'name', 'marginl', 'marginr', 'marginv', 'effect', 'text'];
        [$shown, $told] = [[], []];
        foreach (explode("\n", Times::plain($text)) as $line) {
            if (preg_match('/^Format:\s*(.+)$/i', $line, $found) === 1 && stripos($found[1], 'text') !== false) {
                $fields = array_map(trim(...), explode(',', strtolower($found[1])));
            } elseif (preg_match('/^(Dialogue|Comment):\s*(.*)$/i', $line, $found) === 1) {
                $values = explode(',', $found[2], count($fields));
                if (count($values) < count($fields)) {
                    continue;
                }
                $event = array_combine($fields, $values);
                $isTold = strtolower($found[1]) === 'comment';
                $cue = self::cue($event);
                if ($cue !== null && $isTold && ($event['effect'] ?? '') === self::WORDS) {
                    $told[] = $cue;
                } elseif ($cue !== null && ! $isTold) {
                    $shown[] = $cue;
                }
            }
        }
        $cues = $told !== [] ? $told : self::merged($shown);
        usort($cues, static fn (TimedCue $a, TimedCue $b): int => $a->startMs <=> $b->startMs);

        return $cues;
    }

    /**
     * A script with plain captions beside those that it has.
     *
     * @param  list<TimedCue>  $cues
     */
    public static function withWords(string $script, array $cues): string
    {
        if ($cues === []) {
            return $script;
        }
        $style = 'Style: Words,sans-serif,64,&H00FFFFFF,&H00FFFFFF,&H00000000,&H80000000,'
            .'0,0,0,0,100,100,0,0,1,4,0,2,80,80,420,1';
        $lines = array_map(static fn (TimedCue $cue): string => self::comment($cue).sprintf(
            "Dialogue: 0,%s,%s,Words,,0,0,0,,%s\n",
            self::time(intdiv($cue->startMs, 10)),
            self::time(intdiv($cue->endMs, 10)),
            self::escape($cue->line()),
        ), $cues);

        return str_replace("\n\n[Events]\n", "\n$style\n\n[Events]\n", $script).implode('', $lines);
    }

    /** A comment that holds a cue, for `read()`: a line of the section of events. */
    public static function comment(TimedCue $cue): string
    {
        $text = '';
        $at = intdiv($cue->startMs, 10);
        $spans = $cue->spans === [] ? [[$cue->startMs, $cue->text]] : $cue->spans;
        foreach ($spans as $i => [$ms, $part]) {
            $next = intdiv($spans[$i + 1][0] ?? $cue->endMs, 10);
            $begin = max($at, intdiv($ms, 10));
            $text .= ($begin > $at ? sprintf('{\k%d}', $begin - $at) : '')
                .sprintf('{\k%d}', max(0, $next - $begin)).str_replace("\n", '\N', self::escape($part));
            $at = max($begin, $next);
        }

        return sprintf(
            "Comment: 0,%s,%s,Caption,,0,0,0,%s,%s\n",
            self::time(intdiv($cue->startMs, 10)),
            self::time(intdiv($cue->endMs, 10)),
            self::WORDS,
            $text,
        );
    }

    /** What text may hold made harmless: no override block, no escape, no control character. */
    public static function escape(string $text): string
    {
        $text = (string) preg_replace('/[\x00-\x09\x0B-\x1F\x7F]+/', ' ', $text);

        return str_replace(['\\', '{', '}'], ['\\'.self::JOINER, '\\{', '\\}'], $text);
    }

    /** @param  int  $hundredths  of a second */
    public static function time(int $hundredths): string
    {
        return sprintf(
            '%d:%02d:%02d.%02d',
            intdiv($hundredths, 360_000),
            intdiv($hundredths, 6_000) % 60,
            intdiv($hundredths, 100) % 60,
            $hundredths % 100,
        );
    }

    /** @param  array<string, string>  $event */
    private static function cue(array $event): ?TimedCue
    {
        $start = self::ms($event['start'] ?? '');
        $end = self::ms($event['end'] ?? '');
        if ($start === null || $end === null) {
            return null;
        }
        $text = '';
        $starts = $parts = [];
        $at = $start;
        $isDrawing = false;
        $isSpoken = false;
        $pieces = preg_split('/((?<!\\\\)\{[^}]*\})/u', $event['text'] ?? '', -1, PREG_SPLIT_DELIM_CAPTURE);
        foreach ($pieces === false ? [] : $pieces as $piece) {
            if (str_starts_with($piece, '{') && str_ends_with($piece, '}')) {
                if (preg_match('/\\\\p(\d+)/', $piece, $drawn) === 1) {
                    $isDrawing = (int) $drawn[1] > 0;
                }
                if (preg_match('/\\\\[kK][fo]?(\d{1,6})/', $piece, $length) === 1) {
                    $isSpoken = true;
                    $starts[] = $at;
                    $parts[] = '';
                    $at += 10 * (int) $length[1];
                }
            } elseif (! $isDrawing) {
                $said = str_replace(
                    ['\\'.self::JOINER, '\\{', '\\}', '\N', '\n', '\h'],
                    ["\x01", '{', '}', "\n", "\n", ' '],
                    $piece,
                );
                // Directions are no part of what is said.
                $said = (string) preg_replace(self::DIRECTIONS, '', str_replace("\x01", '\\', $said));
                $text .= $said;
                if ($parts !== []) {
                    $parts[count($parts) - 1] .= $said;
                }
            }
        }
        $spans = [];
        foreach ($parts as $i => $part) {
            if (trim($part) !== '') {
                $spans[] = [$starts[$i], $part];
            }
        }

        return trim($text) === '' ? null : new TimedCue($start, $end, trim($text), $isSpoken ? $spans : []);
    }

    /**
     * Files that mark one word after the other say the whole line again for each: events that follow on each other
     * without a gap and say the same are one.
     *
     * @param  list<TimedCue>  $shown
     * @return list<TimedCue>
     */
    private static function merged(array $shown): array
    {
        $merged = [];
        foreach ($shown as $cue) {
            $last = end($merged);
            if ($last !== false && $last->text === $cue->text && $last->spans === [] && $cue->spans === []
                && $cue->startMs <= $last->endMs && $cue->startMs >= $last->startMs) {
                array_pop($merged);
                $cue = new TimedCue($last->startMs, max($last->endMs, $cue->endMs), $cue->text);
            }
            $merged[] = $cue;
        }

        return $merged;
    }

    private static function ms(string $time): ?int
    {
        return preg_match('/^\s*(\d{1,3}):(\d{1,2}):(\d{1,2})[.:](\d{1,3})\s*$/', $time, $found) === 1
            ? Times::ms($found[1], $found[2], $found[3], $found[4])
            : null;
    }
}
