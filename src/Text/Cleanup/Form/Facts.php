<?php

declare(strict_types=1);

namespace RapidReel\Text\Cleanup\Form;

use RapidReel\Text\Rules\Labels;
use RapidReel\Text\Rules\Marks;
use RapidReel\Text\Rules\RunKind;

/** Facts in a block, each a name and a short value that is no sentence: what an article or a script has at its head. */
final class Facts
{
    private const FEWEST = 3;

    private const FACT = '/^(\p{Lu}[\p{L}\p{N} \/()&.\'’-]{1,28}|\p{Arabic}{2,12}(?:'
        .' \p{Arabic}{2,12})?)\s*[:：]\s+\S.{0,59}$/u';

    /**
     * @param  list<string>  $lines
     * @return array<int, RunKind> by the number of the line
     */
    public static function among(array $lines, Labels $labels): array
    {
        $found = [];
        $block = [];
        $lines[] = '.';
        foreach ($lines as $i => $line) {
            $bare = Marks::bare($line);
            $isFact = preg_match(self::FACT, $bare, $match) === 1 && ! Marks::ends($bare)
                && ! isset($block[mb_strtolower($match[1])]) && $labels->lead($bare) === ''
                && ($labels->field($bare) !== null || ! $labels->isStatement($match[1]));
            if ($isFact) {
                $block[mb_strtolower($match[1])] = $i;

                continue;
            }
            if (count($block) >= self::FEWEST) {
                foreach ($block as $number) {
                    $found[$number] = $labels->field(Marks::bare($lines[$number])) ?? RunKind::Field;
                }
            }
            $block = [];
        }

        return $found;
    }
}
