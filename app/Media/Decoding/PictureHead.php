<?php

declare(strict_types=1);

namespace App\Media\Decoding;

/**
 * What a picture says of itself, read from its file without decoding it: its size, how it was held, and its words:
 * IPTC keywords (IIM 4.2, 2:25) and the subjects of an XMP packet (ISO 16684-1, dc:subject).
 */
final class PictureHead
{
    /** As far into a file as a packet of XMP is looked for. */
    private const HEAD_BYTES = 1_000_000;

    private const MOST_WORDS = 500;

    /** IIM data sets of record 2 by number. */
    private const IPTC = [
        '2#005' => 'title', '2#025' => 'keywords', '2#105' => 'headline', '2#120' => 'caption',
    ];

    /**
     * @return array{width: int, height: int, channels: int, turn: int, words: list<array{string, string}>}
     *   a width of 0 where it says none; turn as EXIF has it, 1…8; words with the name of their field
     */
    public static function of(string $path): array
    {
        $parts = [];
        $size = @getimagesize($path, $parts) ?: [0, 0];
        $packet = is_string($parts['APP13'] ?? null) ? $parts['APP13'] : '';

        return [
            'width' => (int) $size[0],
            'height' => (int) $size[1],
            'channels' => (int) ($size['channels'] ?? 3),
            'turn' => ExifTurn::of($path),
            'words' => array_slice([...self::iptc($packet), ...self::xmp($path)], 0, self::MOST_WORDS),
        ];
    }

    /** @return list<array{string, string}> */
    private static function iptc(string $packet): array
    {
        /** @var array<string, list<string>>|false $found */
        $found = $packet === '' ? false : @iptcparse($packet);
        $said = [];
        foreach ($found === false ? [] : $found as $number => $values) {
            foreach (isset(self::IPTC[$number]) ? $values : [] as $value) {
                $isUtf8 = mb_check_encoding($value, 'UTF-8');
                $said[] = [
                    self::IPTC[$number],
                    $isUtf8 ? $value : (string) mb_convert_encoding($value, 'UTF-8', 'ISO-8859-1'),
                ];
            }
        }

        return $said;
    }

    /** @return list<array{string, string}> */
    private static function xmp(string $path): array
    {
        $head = (string) @file_get_contents($path, length: self::HEAD_BYTES);
        if (preg_match('~<dc:subject>(.*?)</dc:subject>~s', $head, $found) !== 1) {
            return [];
        }
        preg_match_all('~<rdf:li[^>]*>([^<]{1,200})</rdf:li>~', $found[1], $items);

        return array_map(
            static fn (string $item): array => ['subject', html_entity_decode($item, ENT_QUOTES | ENT_XML1)],
            $items[1],
        );
    }
}
