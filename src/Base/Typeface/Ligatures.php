<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/** Letters that a face draws as one: some features of the "GSUB" table (ISO/IEC 14496-22). */
final readonly class Ligatures
{
    /** Of letters that stand side by side. */
    public const USUAL = ['liga', 'clig'];

    /**
     * Of Indic scripts: consonants without a vowel between them are one letter (OpenType, "Developing OpenType Fonts
     * for Devanagari Script", basic shaping forms and conjuncts).
     */
    public const INDIC = ['akhn', 'rphf', 'rkrf', 'blwf', 'half', 'vatu', 'cjct', 'pres', 'abvs', 'blws', 'psts'];

    /** @var list<list<Bytes>> by lookup */
    private array $tables;

    /**
     * @param  list<string>  $features  their tags
     *
     * @throws BrokenTypeface
     */
    public function __construct(?Bytes $gsub, array $features = self::USUAL)
    {
        $this->tables = $gsub === null ? [] : Layout::tables($gsub, $features, 4, 7);
    }

    /**
     * @param  list<int>  $glyphs
     * @return list<int>
     *
     * @throws BrokenTypeface
     */
    public function join(array $glyphs): array
    {
        foreach ($this->tables as $lookup) {
            $joined = [];
            for ($i = 0, $count = count($glyphs); $i < $count;) {
                [$glyph, $used] = [$glyphs[$i], 1];
                foreach ($lookup as $table) {
                    [$glyph, $used] = $this->at($table, $glyphs, $i);
                    if ($used > 1) {
                        break;
                    }
                }
                $joined[] = $glyph;
                $i += $used;
            }
            $glyphs = $joined;
        }

        return $glyphs;
    }

    /**
     * @param  list<int>  $glyphs
     * @return array{int, int} what stands at a place, and how many it was before
     *
     * @throws BrokenTypeface
     */
    private function at(Bytes $table, array $glyphs, int $at): array
    {
        $covered = Layout::place($table->at($table->u16(2)), $glyphs[$at]);
        if ($covered === null) {
            return [$glyphs[$at], 1];
        }
        $set = $table->at($table->u16(6 + 2 * $covered));
        for ($i = 0, $count = min(200, $set->u16(0)); $i < $count; $i++) {
            $ligature = $set->at($set->u16(2 + 2 * $i));
            $length = $ligature->u16(2);
            $isIt = true;
            for ($j = 1; $j < $length && $isIt; $j++) {
                $isIt = ($glyphs[$at + $j] ?? -1) === $ligature->u16(2 + 2 * $j);
            }
            if ($isIt && $length > 0) {
                return [$ligature->u16(0), $length];
            }
        }

        return [$glyphs[$at], 1];
    }
}
