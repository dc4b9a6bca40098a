<?php

declare(strict_types=1);

namespace RapidReel\Text\Cleanup\Form;

use RapidReel\Text\Rules\Labels;
use RapidReel\Text\Rules\RunKind;

/** A screenplay: only the block under the name of who speaks is spoken, what happens in between becomes briefs. */
final class Screenplay
{
    private const PLACE = '/^\s*(?:\d+[.\s]*)?(?:INT|EXT|I\/E|INT\.?\s*\/\s*EXT)(?:\.|\s)\s*\S/u';

    private const CUT = '/^\s*(?:FADE (?:IN|OUT|TO)|(?:SMASH |MATCH |JUMP )?CUT TO|DISSOLVE TO|ABBLENDE|AUFBLENDE'
        .'|FONDU)\b/u';

    /**
     * @param  list<string>  $lines
     * @return array<int, RunKind> by the number of the line; lines that are not in it are spoken
     */
    public static function among(array $lines, Labels $labels): array
    {
        $cues = self::cues($lines, $labels);
        $signs = [
            preg_grep(self::PLACE, $lines) !== [],
            $cues !== [],
            preg_grep(self::CUT, $lines) !== [],
        ];
        if ($cues === [] || count(array_filter($signs)) < 2) {
            return [];
        }
        $kinds = [];
        $speaks = false;
        foreach ($lines as $i => $line) {
            $line = trim($line);
            if ($line === '') {
                $speaks = false;

                continue;
            }
            $kind = match (true) {
                isset($cues[$i]) => RunKind::Speaker,
                preg_match(self::PLACE, $line) === 1 => RunKind::Heading,
                preg_match(self::CUT, $line) === 1 => RunKind::Direction,
                $speaks && preg_match('/^\(.*\)$/u', $line) === 1 => RunKind::Direction,
                $speaks => null,
                mb_strtoupper($line) === $line => RunKind::Heading,
                default => RunKind::Picture,
            };
            $speaks = $kind === RunKind::Speaker
                || ($speaks && in_array($kind, [null, RunKind::Direction], true) && preg_match(self::CUT, $line) !== 1);
            if ($kind !== null) {
                $kinds[$i] = $kind;
            }
        }

        return $kinds;
    }

    /**
     * Short lines in capitals with something else right under them.
     *
     * @param  list<string>  $lines
     * @return array<int, true>
     */
    private static function cues(array $lines, Labels $labels): array
    {
        $cues = [];
        foreach ($lines as $i => $line) {
            $next = trim($lines[$i + 1] ?? '');
            $isCue = preg_match(
                "/^\\s*\\p{Lu}[\\p{Lu}\\p{N} .'’-]{1,28}(?:\\s*\\([^)]{1,24}\\))*\\s*$/u",
                $line,
            ) === 1;
            if ($isCue && $next !== '' && preg_match('/\p{Ll}/u', $next) === 1
                && preg_match(self::PLACE, $line) !== 1 && preg_match(self::CUT, $line) !== 1
                && (! $labels->areAll($line) || preg_match('/NARRAT|V\.?O|ERZÄHL|SPRECH|VOIX|VOZ|VOCE/u', $line) === 1)
            ) {
                $cues[$i] = true;
            }
        }

        return $cues;
    }
}
