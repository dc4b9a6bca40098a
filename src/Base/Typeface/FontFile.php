<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/**
 * A TrueType or OpenType font out of the bytes of its file (ISO/IEC 14496-22). Nothing is read before it is asked for,
 * so that a face of 20,000 characters costs no more than one of 200.
 */
final class FontFile implements Metrics
{
    /** What is never drawn by itself: blanks, joiners, directions, variation selectors. */
    private const UNSEEN = '/[\s\p{Cc}\p{Cf}\x{FE00}-\x{FE0F}\x{034F}\x{115F}\x{1160}]+/u';

    /** Letters of Devanagari, Bengali, Gurmukhi, Gujarati, Oriya, Tamil, Telugu, Kannada and Malayalam. */
    private const INDIC = '/[\x{0900}-\x{0D7F}]/u';

    /** A letter and the mark that it has no vowel. */
    private const BARE_END = '/[\x{094D}\x{09CD}\x{0A4D}\x{0ACD}\x{0B4D}\x{0BCD}\x{0C4D}\x{0CCD}\x{0D4D}]$/u';

    private const UNSEEN_BUT_BLANK = '/[\p{Cc}\p{Cf}\x{FE00}-\x{FE0F}\x{034F}\x{115F}\x{1160}]+/u';

    private const MOST_TABLES = 100;

    private readonly CharacterMap $characters;

    private readonly Pairs $pairs;

    private readonly Ligatures $ligatures;

    private readonly Ligatures $indic;

    private readonly Bytes $widths;

    private readonly int $em;

    private readonly int $hasWidth;

    /** @var array<int, int> widths of glyphs, in units of the face */
    private array $advances = [];

    /** @var array<int, int> glyphs of characters */
    private array $glyphs = [];

    /**
     * @param  array<string, Bytes>  $tables  by tag
     *
     * @throws BrokenTypeface
     */
    private function __construct(
        private readonly array $tables,
        private readonly ?string $called,
    ) {
        $this->em = $this->table('head')->u16(18);
        $this->hasWidth = $this->table('hhea')->u16(34);
        if ($this->em < 16 || $this->em > 16384 || $this->hasWidth < 1) {
            throw new BrokenTypeface('The font file is broken: its letters have no size.');
        }
        $this->widths = $this->table('hmtx');
        $this->widths->u16(4 * ($this->hasWidth - 1));
        $this->characters = CharacterMap::of($this->table('cmap'));
        $this->ligatures = new Ligatures($tables['GSUB'] ?? null);
        $this->indic = new Ligatures($tables['GSUB'] ?? null, [...Ligatures::INDIC, ...Ligatures::USUAL]);
        $this->pairs = new Pairs($tables['GPOS'] ?? null, $tables['kern'] ?? null);
    }

    /**
     * @param  string|null  $called  a name to find it by, where it is not to be found by its own
     *
     * @throws BrokenTypeface
     */
    public static function read(string $bytes, ?string $called = null): self
    {
        $kind = substr($bytes, 0, 4);
        if ($kind === 'ttcf') {
            throw new BrokenTypeface('This is a collection of fonts. Upload one TTF or OTF file for each typeface.');
        }
        if (in_array($kind, ['wOFF', 'wOF2'], true)) {
            throw new BrokenTypeface('This is a web font. Upload the TTF or OTF file of the typeface.');
        }
        if (! in_array($kind, ["\0\1\0\0", 'OTTO', 'true'], true)) {
            throw new BrokenTypeface('This is not a font file. A typeface is a TTF or OTF file.');
        }
        $file = new Bytes($bytes);
        $tables = [];
        for ($i = 0, $count = min(self::MOST_TABLES, $file->u16(4)); $i < $count; $i++) {
            $at = 12 + 16 * $i;
            [$offset, $length] = [$file->u32($at + 8), $file->u32($at + 12)];
            if ($offset + $length > strlen($bytes)) {
                throw new BrokenTypeface('The font file is cut short or broken.');
            }
            $tables[$file->text($at, 4)] = $file->at($offset, $length);
        }
        $font = new self($tables, $called);
        if (! isset($tables['glyf']) && ! isset($tables['CFF ']) && ! isset($tables['CFF2'])) {
            throw new BrokenTypeface('The font file holds no outlines of letters.');
        }

        return $font;
    }

    /** @throws BrokenTypeface */
    public function family(): string
    {
        return $this->called ?? $this->name(4);
    }

    /**
     * Its own name.
     *
     * @throws BrokenTypeface
     */
    public function title(): string
    {
        return $this->name(4) !== '' ? $this->name(4) : $this->name(1);
    }

    /**
     * What it says of its licence.
     *
     * @throws BrokenTypeface
     */
    public function licence(): string
    {
        return $this->name(13);
    }

    /**
     * From 100, thin, to 900, black
     *
     * @throws BrokenTypeface
     */
    public function weight(): int
    {
        return isset($this->tables['OS/2']) ? $this->tables['OS/2']->u16(4) : 400;
    }

    /** @throws BrokenTypeface */
    public function width(string $text, bool $spaced = false): float
    {
        $glyphs = [];
        foreach ($this->formed((string) preg_replace(self::UNSEEN_BUT_BLANK, '', $text)) as $code) {
            $glyphs[] = $this->glyphs[$code] ??= $this->characters->glyph($code);
        }
        $units = 0;
        $before = 0;
        // Their conjuncts are letters: no space comes between the parts of one.
        $isIndic = preg_match(self::INDIC, $text) === 1;
        $glyphs = match (true) {
            // At the end of a word a consonant without a vowel keeps its mark.
            $isIndic && preg_match(self::BARE_END, $text) === 1 => [
                ...$this->indic->join(array_slice($glyphs, 0, -2)), ...array_slice($glyphs, -2),
            ],
            $isIndic => $this->indic->join($glyphs),
            $spaced => $glyphs,
            default => $this->ligatures->join($glyphs),
        };
        foreach ($glyphs as $glyph) {
            $units += $this->advances[$glyph] ??= $this->widths->u16(4 * min($glyph, $this->hasWidth - 1));
            if ($before !== 0 && $glyph !== 0) {
                $units += $this->pairs->between($before, $glyph);
            }
            $before = $glyph;
        }

        return max(0, $units) / $this->em;
    }

    /**
     * @return list<int> characters; Arabic ones as they are joined, where the face has them so
     *
     * @throws BrokenTypeface
     */
    private function formed(string $text): array
    {
        $forms = ArabicForms::of($text);
        foreach ($forms as $code) {
            if (($this->glyphs[$code] ??= $this->characters->glyph($code)) === 0) {
                return array_map(mb_ord(...), mb_str_split($text));
            }
        }

        return $forms;
    }

    /** @throws BrokenTypeface */
    public function covers(string $text): bool
    {
        foreach (mb_str_split((string) preg_replace(self::UNSEEN, '', $text)) as $character) {
            $code = mb_ord($character);
            if (($this->glyphs[$code] ??= $this->characters->glyph($code)) === 0) {
                return false;
            }
        }

        return true;
    }

    /** @throws BrokenTypeface */
    public function line(): float
    {
        [$ascent, $descent] = $this->windows();

        return ($ascent + $descent) / $this->em;
    }

    /** @throws BrokenTypeface */
    public function ascent(): float
    {
        [$ascent, $descent] = $this->windows();

        return $ascent / ($ascent + $descent);
    }

    /** @throws BrokenTypeface */
    public function capital(): float
    {
        $os2 = $this->tables['OS/2'] ?? null;
        $told = $os2 !== null && $os2->length() >= 90 && $os2->u16(0) >= 2 ? $os2->i16(88) / $this->em : 0.0;

        return $told > 0.3 && $told < 1.2 ? $told : 0.7;
    }

    /** @throws BrokenTypeface */
    public function blank(): float
    {
        return $this->width(' ');
    }

    /**
     * @return array{int, int} what lies above and below the baseline, in units of the face
     *
     * @throws BrokenTypeface
     */
    private function windows(): array
    {
        $os2 = $this->tables['OS/2'] ?? null;
        $ascent = $os2?->u16(74) ?? 0;
        $descent = $os2?->u16(76) ?? 0;
        if ($ascent + $descent === 0) {
            $ascent = $this->table('hhea')->i16(4);
            $descent = -$this->table('hhea')->i16(6);
        }
        if ($ascent + $descent < $this->em / 10) {
            throw new BrokenTypeface('The font file is broken: its letters have no height.');
        }

        return [$ascent, $descent];
    }

    /** @throws BrokenTypeface */
    private function table(string $tag): Bytes
    {
        return $this->tables[$tag] ?? throw new BrokenTypeface("The font file is broken: it has no table “{$tag}”.");
    }

    /** @throws BrokenTypeface */
    private function name(int $id): string
    {
        $names = $this->tables['name'] ?? null;
        if ($names === null) {
            return '';
        }
        $found = '';
        for ($i = 0, $count = min(2_000, $names->u16(2)); $i < $count; $i++) {
            $at = 6 + 12 * $i;
            if ($names->u16($at + 6) !== $id) {
                continue;
            }
            $text = $names->text($names->u16(4) + $names->u16($at + 10), $names->u16($at + 8));
            $isWide = in_array($names->u16($at), [0, 3], true);
            $plain = $isWide
                ? mb_convert_encoding(substr($text, 0, strlen($text) & ~1), 'UTF-8', 'UTF-16BE')
                : mb_convert_encoding($text, 'UTF-8', 'ISO-8859-1');
            $isEnglish = $isWide && $names->u16($at + 4) === 0x409;
            if ($found === '' || $isEnglish) {
                $found = trim((string) preg_replace('/[\x00-\x1F\x7F]+/u', '', $plain));
            }
            if ($isEnglish) {
                break;
            }
        }

        return $found;
    }
}
