<?php

declare(strict_types=1);

namespace App\Media\Decoding;

use RapidReel\Base\Typeface\BrokenTypeface;
use RapidReel\Base\Typeface\FontFile;

/** Reads all of a font file that is ever asked of it. */
final class TypefaceReader
{
    /** As many of its letters are drawn to see whether it has any. */
    private const DRAWN = 40;

    private const TEXT = 'Ag 0123456789 .,!?';

    /** Where letters are looked for, in this order: Latin, Greek, Cyrillic, Hebrew, Arabic and all the rest. */
    private const RANGES = [
        [0x41, 0x5A], [0x61, 0x7A], [0x30, 0x39], [0x391, 0x3C9], [0x410, 0x44F], [0x5D0, 0x5EA], [0x621, 0x64A],
        [0x905, 0x939], [0xE01, 0xE2E], [0x3042, 0x3093], [0xAC00, 0xAC40], [0x4E00, 0x4F00], [0x1F600, 0x1F640],
    ];

    /** Tables that letters are drawn from. */
    private const SUMMED = ['glyf', 'loca', 'CFF ', 'CFF2'];

    /**
     * Compares tables with the sums that stand beside them (ISO/IEC 14496-22, 5.2.1): what was flipped in an outline
     * still draws something. Where a tool left a sum out, nothing is known.
     *
     * @throws BrokenTypeface
     */
    private static function compare(string $bytes): void
    {
        $count = unpack('n', $bytes, 4)[1] ?? 0;
        for ($i = 0; $i < min(100, $count); $i++) {
            $entry = unpack('a4tag/Nsum/Nat/Nlength', substr($bytes, 12 + 16 * $i, 16)) ?: [];
            if (! in_array($entry['tag'] ?? '', self::SUMMED, true) || ($entry['sum'] ?? 0) === 0) {
                continue;
            }
            $table = substr($bytes, $entry['at'], $entry['length']);
            $sum = 0;
            // Whole words, the last filled up with nothing; in pieces, as each of them takes more room unpacked.
            foreach (str_split($table, 65_536) as $piece) {
                $words = unpack('N*', str_pad($piece, 4 * (int) ceil(strlen($piece) / 4), "\0")) ?: [];
                $sum = ($sum + array_sum($words)) & 0xFFFFFFFF;
            }
            if ($sum !== $entry['sum']) {
                throw new BrokenTypeface(sprintf(
                    'The font file is damaged: its table “%s” is not what was written. Upload it from another source.',
                    trim($entry['tag']),
                ));
            }
        }
    }

    /**
     * @return array{title: string, letters: list<string>} what it is called, and some of the letters it has
     *
     * @throws BrokenTypeface when no captions can be set in it
     */
    public static function of(string $file): array
    {
        $bytes = (string) file_get_contents($file);
        $font = FontFile::read($bytes);
        self::compare($bytes);
        $font->width(self::TEXT);
        $font->line();
        if ($font->family() === '') {
            throw new BrokenTypeface('The font file does not say what it is called. Upload one with a name.');
        }
        $letters = [];
        foreach (self::RANGES as [$first, $last]) {
            for ($code = $first; $code <= $last && count($letters) < self::DRAWN; $code++) {
                $letter = mb_chr($code);
                // What is set later is measured now.
                if ($font->covers($letter) && $font->width($letter) > 0) {
                    $letters[] = $letter;
                }
            }
        }
        if ($letters === []) {
            throw new BrokenTypeface('The font file has no letters that captions are written in.');
        }

        return ['title' => mb_strimwidth($font->title(), 0, 80, '…'), 'letters' => $letters];
    }
}
