<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/**
 * Arabic letters in the forms that they have beside others, as the characters that stand for those (Unicode Standard,
 * Arabic Presentation Forms A and B), to know how wide a word is: joined letters are narrower than those alone.
 */
final class ArabicForms
{
    private const ARABIC = '/\p{Arabic}/u';

    /** Letters that join both sides: the form alone; the last, first and middle one follow on it. */
    private const BOTH = [
        0x626 => 0xFE89, 0x628 => 0xFE8F, 0x62A => 0xFE95, 0x62B => 0xFE99, 0x62C => 0xFE9D, 0x62D => 0xFEA1,
        0x62E => 0xFEA5, 0x633 => 0xFEB1, 0x634 => 0xFEB5, 0x635 => 0xFEB9, 0x636 => 0xFEBD, 0x637 => 0xFEC1,
        0x638 => 0xFEC5, 0x639 => 0xFEC9, 0x63A => 0xFECD, 0x641 => 0xFED1, 0x642 => 0xFED5, 0x643 => 0xFED9,
        0x644 => 0xFEDD, 0x645 => 0xFEE1, 0x646 => 0xFEE5, 0x647 => 0xFEE9, 0x64A => 0xFEF1, 0x67E => 0xFB56,
        0x686 => 0xFB7A, 0x6A9 => 0xFB8E, 0x6AF => 0xFB92, 0x6CC => 0xFBFC,
    ];

    /** Letters that join the one before them alone: the form alone; the last one follows on it. */
    private const BEFORE = [
        0x622 => 0xFE81, 0x623 => 0xFE83, 0x624 => 0xFE85, 0x625 => 0xFE87, 0x627 => 0xFE8D, 0x629 => 0xFE93,
        0x62F => 0xFEA9, 0x630 => 0xFEAB, 0x631 => 0xFEAD, 0x632 => 0xFEAF, 0x648 => 0xFEED, 0x649 => 0xFEEF,
        0x698 => 0xFB8A,
    ];

    /** What lam and an alef after it are together: the form alone; the last one follows on it. */
    private const LAM_ALEF = [0x622 => 0xFEF5, 0x623 => 0xFEF7, 0x625 => 0xFEF9, 0x627 => 0xFEFB];

    private const LAM = 0x644;

    /** @return list<int> characters, each in the form that it has there; marks above and below are left out */
    public static function of(string $text): array
    {
        $codes = array_map(mb_ord(...), mb_str_split($text));
        if (preg_match(self::ARABIC, $text) !== 1) {
            return $codes;
        }
        $codes = array_values(array_filter(
            $codes,
            static fn (int $code): bool => preg_match('/^\p{M}$/u', mb_chr($code)) !== 1,
        ));
        $forms = [];
        $joins = false;
        for ($i = 0, $count = count($codes); $i < $count; $i++) {
            $code = $codes[$i];
            $next = $codes[$i + 1] ?? 0;
            if ($code === self::LAM && isset(self::LAM_ALEF[$next])) {
                $forms[] = self::LAM_ALEF[$next] + ($joins ? 1 : 0);
                $joins = false;
                $i++;
            } elseif (isset(self::BOTH[$code])) {
                $goesOn = isset(self::BOTH[$next]) || isset(self::BEFORE[$next]);
                $forms[] = self::BOTH[$code] + ($joins ? 1 : 0) + ($goesOn ? 2 : 0);
                $joins = $goesOn;
            } elseif (isset(self::BEFORE[$code])) {
                $forms[] = self::BEFORE[$code] + ($joins ? 1 : 0);
                $joins = false;
            } else {
                $forms[] = $code;
                $joins = false;
            }
        }

        return $forms;
    }
}
