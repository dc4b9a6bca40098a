<?php

declare(strict_types=1);

namespace RapidReel\Base\Language\Pack;

/**
 * Published measures of reading ease, about 0 (hard) to 100 (easy).
 *
 * Flesch: R. Flesch, "A new readability yardstick", 1948. Amstad: T. Amstad, "Wie verständlich sind unsere Zeitungen?",
 * 1978. Kandel and Moles: "Application de l'indice de Flesch à la langue française", 1958. Szigriszt Pazos: doctoral
 * thesis, Madrid,
 * 1993. Gulpease: P. Lucisano and M. E. Piemontese, 1988. Martins et al.: "Readability formulas applied to textbooks in
 * Brazilian Portuguese", 1996.
 */
enum EaseFormula: string
{
    case Flesch = 'Flesch';
    case Amstad = 'Amstad';
    case KandelMoles = 'Kandel-Moles';
    case SzigrisztPazos = 'Szigriszt-Pazos';
    case Gulpease = 'Gulpease';
    case Martins = 'Martins';

    /**
     * @param  int  $words  at least 1
     * @param  int  $sentences  at least 1
     */
    public function ease(int $words, int $sentences, int $syllables, int $letters): float
    {
        $length = $words / $sentences;
        $each = $syllables / $words;

        return match ($this) {
            self::Flesch => 206.835 - 1.015 * $length - 84.6 * $each,
            self::Amstad => 180 - $length - 58.5 * $each,
            self::KandelMoles => 207 - 1.015 * $length - 73.6 * $each,
            self::SzigrisztPazos => 206.835 - $length - 62.3 * $each,
            self::Gulpease => 89 + (300 * $sentences - 10 * $letters) / $words,
            self::Martins => 248.835 - 1.015 * $length - 84.6 * $each,
        };
    }
}
