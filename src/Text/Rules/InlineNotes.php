<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

use RapidReel\Base\Language\Pictographs;
use RapidReel\Text\Rules\Lists\WordList;

/**
 * Parts the words of a line from the notes among them: square and curly brackets, round ones that hold a direction or
 * stand alone, links, hashtags, emoji, music signs and marks of emphasis. A backslash before a note has it spoken.
 */
final class InlineNotes
{
    private const LINK = '(?:https?:\/\/|www\.)[^\s<>"”)\]]*[^\s<>"”)\].,;:!?]|[\w.+-]+@[\w-]+\.[\w.-]*\w';

    /** Marks of a web page, and of speech for a synthesiser (W3C, Speech Synthesis Markup Language 1.1). */
    private const TAG = '<\/?(?:br|p|b|i|u|em|strong|span|div|h[1-6]|hr|ul|ol|li|blockquote|speak|break|emphasis'
        .'|prosody|s|voice|phoneme|sub|say-as|mark|audio|w|lang|amazon:\w+)(?:\s+[\w:-]+\s*=\s*(?:"[^"<>]*"'
        .'|\'[^\'<>]*\')'
        .')*\s*\/?>';

    private const HASHTAG = '(?<![\p{L}\p{N}&#])#\p{L}[\p{L}\p{N}_]*';

    private const MUSIC = '[♩♪♫♬][^♩♪♫♬]*[♩♪♫♬]|[♩♪♫♬]+';

    private const MARK = '(?<![\p{L}\p{N}\\\\])(?:[*_]{1,3}|~~|`)(?=\S)|(?<=\S)(?<!\\\\)(?:[*_]{1,3}|~~'
        .'|`)(?![\p{L}\p{N}])';

    /** What may stand around a note and says nothing. */
    private const AROUND = '*_~`"“”„«»\s';

    /** Bytes before a bracket that are looked at. */
    private const NEAR = 200;

    private const TARGET = '/\G\(\s*[^()\s]*(?:\s+"[^"]*")?\s*\)/u';

    /**
     * @param  bool  $sayFirst  a note at the very beginning is spoken
     * @return list<ScriptRun> together the whole text, less white space between runs
     */
    public static function of(string $text, WordList $words, bool $sayFirst = false): array
    {
        $runs = [];
        $at = 0;
        $ends = self::ends($text);
        foreach (Brackets::outermost($text) as [$from, $until]) {
            $inside = substr($text, $from, $until - $from);
            $escaped = ($sayFirst && $from === 0) || ($from > 0 && $text[$from - 1] === '\\');
            $isLink = $inside[0] === '[' && ($text[$until] ?? '') === '(';
            if (! $escaped && ! $isLink && ! self::isNote($text, $from, $until, $ends, $words)) {
                if ($inside[0] === '[') {
                    // Within a sentence: its words are said.
                    array_push(
                        $runs,
                        ...self::plain(substr($text, $at, $from - $at)),
                        ...[new ScriptRun('[', RunKind::Markup)],
                        ...self::plain(substr($inside, 1, -1)),
                        ...[new ScriptRun(']', RunKind::Markup)],
                    );
                    $at = $until;
                }

                continue;
            }
            if ($escaped) {
                array_push(
                    $runs,
                    ...self::plain(substr($text, $at, $from - $at - ($from > 0 ? 1 : 0))),
                    ...$from > 0 ? [new ScriptRun('\\', RunKind::Markup)] : [],
                    ...[new ScriptRun($inside, RunKind::Spoken)],
                );
                $at = $until;

                continue;
            }
            $before = substr($text, $at, $from - $at);
            if ($inside[0] === '[' && preg_match(self::TARGET, $text, $target, 0, $until) === 1) {
                $isPicture = str_ends_with($before, '!');
                array_push(
                    $runs,
                    ...self::plain($isPicture ? substr($before, 0, -1) : $before),
                    ...$isPicture
                        ? [new ScriptRun('!'.$inside.$target[0], RunKind::Direction)]
                        : [
                            new ScriptRun('[', RunKind::Markup),
                            ...self::plain(substr($inside, 1, -1)),
                            new ScriptRun(']'.$target[0], RunKind::Link),
                        ],
                );
                $at = $until + strlen($target[0]);

                continue;
            }
            array_push(
                $runs,
                ...self::plain($before),
                ...[new ScriptRun($inside, self::noteKind(substr($inside, 1, -1), $words))],
            );
            $at = $until;
        }

        array_push($runs, ...self::plain(substr($text, $at), $sayFirst && $at === 0));

        return $runs;
    }

    /**
     * What is asked of all that stands before or behind a bracket, found once for the whole text.
     *
     * @return array{int, int, int} where its first letter or digit is, its last, and the last sign that is no mark; the
     *     length of the text and −1 where there is none
     */
    private static function ends(string $text): array
    {
        preg_match('/[\p{L}\p{N}]/u', $text, $first, PREG_OFFSET_CAPTURE);
        preg_match('/.*[\p{L}\p{N}]/us', $text, $last);
        preg_match('/.*[^'.self::AROUND.']/us', $text, $solid);

        return [$first[0][1] ?? strlen($text), strlen($last[0] ?? '') - 1, strlen($solid[0] ?? '') - 1];
    }

    private static function noteKind(string $note, WordList $words): RunKind
    {
        return match (true) {
            Timings::isOne($note) => RunKind::Timing,
            Directions::isMusic($note, $words) => RunKind::Music,
            default => RunKind::Direction,
        };
    }

    /**
     * Whether a bracket is a note to the maker. One within a sentence is part of it unless it is nothing but a note.
     *
     * @param  int  $from  its first byte
     * @param  int  $until  the byte after its last
     * @param  array{int, int, int}  $ends  of the text
     */
    private static function isNote(string $text, int $from, int $until, array $ends, WordList $words): bool
    {
        [$firstLetter, $lastLetter, $lastSolid] = $ends;
        $note = substr($text, $from + 1, $until - $from - 2);
        $near = substr($text, max(0, $from - self::NEAR), min($from, self::NEAR));
        $before = (string) preg_replace('/['.self::AROUND.']+$/u', '', mb_scrub($near));
        $isFirst = $firstLetter >= $from;
        $begins = $isFirst || preg_match('/[.!?…:;,—–]$/u', $before) === 1;
        $ends = $lastLetter < $until;
        $isOrder = Timings::isOne($note) || (
            preg_match_all('/\S+/u', $note) <= 9 && Directions::isOne($note, $words)
            && Directions::saysNothing($note, $words->notes)
        );
        if ($text[$from] === '(') {
            return match (true) {
                $isFirst && $ends => true,
                $begins => $isOrder || Directions::holds($note, $words),
                $ends => $isOrder,
                default => $isOrder && preg_match_all('/\S+/u', $note) <= 3,
            };
        }

        // A word or two that somebody has put into a sentence are said; more are a note.
        return $text[$from] === '{' || $begins || $isOrder || $lastSolid < $until || preg_match_all('/\S+/u', $note) > 3
            || preg_match('/^\s*(?:\d{1,3}(?:\s*[,–-]\s*\d{1,3})*|[a-z]|note \d+|edit|sic|citation needed|…|\.{3})'
                .'\s*$/iu', $note) === 1
            || Directions::holds($note, $words);
    }

    /**
     * A text without notes in brackets.
     *
     * @return list<ScriptRun>
     */
    private static function plain(string $text, bool $sayFirst = false): array
    {
        $patterns = [self::TAG, self::LINK, self::HASHTAG, self::MUSIC, '(?:'.Pictographs::PATTERN.')+', self::MARK];
        $parts = preg_split(
            '/(\\\\?(?:'.implode('|', $patterns).'))/iu',
            $text,
            -1,
            PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY,
        );
        $runs = [];
        foreach ($parts === false ? [$text] : $parts as $i => $part) {
            if (trim($part) === '') {
                continue;
            }
            $kind = self::kindOf($part);
            if ($kind !== RunKind::Spoken && $part[0] === '\\') {
                $runs = [
                    ...$runs,
                    new ScriptRun('\\', RunKind::Markup),
                    new ScriptRun(substr($part, 1), RunKind::Spoken),
                ];
            } else {
                $runs[] = new ScriptRun($part, $sayFirst && $i === 0 ? RunKind::Spoken : $kind);
            }
        }

        return $runs;
    }

    private static function kindOf(string $part): RunKind
    {
        $bare = ltrim($part, '\\');

        return match (1) {
            preg_match('/^(?:[*_]{1,3}|~~|`|'.self::TAG.')$/i', $bare) => RunKind::Markup,
            preg_match('/^(?:'.self::MUSIC.')$/u', $bare) => RunKind::Music,
            preg_match('/^(?:'.self::LINK.')$/iu', $bare) => RunKind::Link,
            preg_match('/^#\p{L}[\p{L}\p{N}_]*$/u', $bare) => RunKind::Hashtag,
            preg_match('/^(?:'.Pictographs::PATTERN.')+$/u', $bare) => RunKind::Symbol,
            default => RunKind::Spoken,
        };
    }
}
