<?php

declare(strict_types=1);

namespace App\Media;

/**
 * What a file says of itself in words: tags of its container and picture as ffprobe tells them, IPTC keywords (IIM 4.2,
 * 2:25) and the subjects of an XMP packet (ISO 16684-1, dc:subject).
 */
final readonly class FileMarks
{
    /** As far into a file as a packet of XMP is looked for. */
    private const HEAD_BYTES = 1_000_000;

    /** IIM data sets of record 2 by number. */
    private const IPTC = [
        '2#005' => 'title', '2#025' => 'keywords', '2#105' => 'headline', '2#120' => 'caption',
    ];

    public function __construct(private MediaTools $tools)
    {
    }

    /**
     * @param  string  $path  of a file that was probed before
     * @return list<array{string, string}> name of the field and what it holds
     */
    public function of(string $path, bool $isStill): array
    {
        return $isStill
            ? [...$this->told($path, true), ...self::iptc($path), ...self::xmp($path)]
            : $this->told($path, false);
    }

    /** @return list<array{string, string}> */
    private function told(string $path, bool $isStill): array
    {
        $entries = 'format_tags:stream_tags'.($isStill ? ':frame_tags' : '');
        $data = json_decode($this->tools->probe([
            '-v', 'error', ...$isStill ? ['-read_intervals', '%+#1'] : [], '-show_entries', $entries, '-of', 'json',
            ...$this->tools->input($path),
        ])->getOutput(), true);
        $said = [];
        foreach (is_array($data) ? $data : [] as $part) {
            foreach (isset($part['tags']) ? [$part] : (is_array($part) ? $part : []) as $one) {
                foreach (is_array($one) && is_array($one['tags'] ?? null) ? $one['tags'] : [] as $field => $value) {
                    if (is_string($value)) {
                        $said[] = [(string) $field, $value];
                    }
                }
            }
        }

        return $said;
    }

    /** @return list<array{string, string}> */
    private static function iptc(string $path): array
    {
        $parts = [];
        @getimagesize($path, $parts);
        /** @var array<string, list<string>>|false $found */
        $found = is_string($parts['APP13'] ?? null) ? @iptcparse($parts['APP13']) : false;
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
