<?php

declare(strict_types=1);

namespace RapidReel\Captions\Cueing;

use RapidReel\Captions\Typesetting\Joints;

/**
 * Which emoji goes with a word, by lists of keywords; none with words of grief and death, nor in scenes with one.
 */
final readonly class EmojiBook
{
    /** Beginnings of words that no emoji goes with, by language; \b ends a whole word. */
    private const GRIEF = [
        'en' => '(?:dead|deaths?|deadly|die|died|dies|dying|sob|sobs|sobbed|graves?|cancer|lost (?:his|her|their))\b|'
            .'drown|kill|murder|corpse|coffin|funeral|burial|buri|bury|mourn|grie[fv]|widow|orphan|perish|suicid|weep|'
            .'wept|traged|tragic|massacre|victim',
        'de' => 'tot|tod|töt|stirb|starb|gestorben|sterb|ertrank|ertrunken|mord|leiche|sarg|grab|begr[aä]b|trauer'
            .'|witwe|waise|opfer|weint?e?|selbstmord|tragödie',
        'fr' => 'mort|mour|meurt|tué|tuer|noy[éea]|cadavre|cercueil|tombe|enterr|deuil|veuve|orphelin|victime|pleur'
            .'|tragédie',
        'es' => 'muert|morir|muri|mat[óa]|ahog|cadáver|ataúd|tumba|enterr|luto|viuda|huérfan|víctima|llor|tragedia',
        'it' => 'mort|mori|ucci|annega|cadavere|bara|tomba|sepol|lutto|vedova|orfan|vittim|pian[gs]|tragedia',
        'pt' => 'mort|morr|mat[oa]u|afog|cadáver|caixão|túmulo|enterr|luto|viúva|órf|vítima|chor|tragédia',
    ];

    /** @param  array<string, string>  $emoji  by keyword, in small letters */
    public function __construct(
        private array $emoji,
        private string $language = 'en',
    ) {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @return string empty where none fits */
    public function of(string $word): string
    {
        $bare = Joints::bare($word);
        if (mb_strlen($bare) < 3 || isset(Joints::of($this->language)->small[$bare])) {
            return '';
        }
        foreach ([$bare, ...self::stems($bare)] as $form) {
            if (isset($this->emoji[$form])) {
                return $this->emoji[$form];
            }
        }

        return '';
    }

    /** Whether a sentence tells of grief or death. */
    public function isGrave(string $sentence): bool
    {
        $lists = self::GRIEF;
        $list = $lists[substr($this->language, 0, 2)] ?? implode('|', $lists);

        return preg_match("/(?<![\p{L}])(?:$list)/iu", $sentence) === 1;
    }

    /** @return list<string> what it may be the plural of */
    private static function stems(string $word): array
    {
        $stems = [];
        foreach (['ies' => 'y', 'es' => '', 's' => '', 'en' => '', 'n' => '', 'e' => ''] as $ending => $instead) {
            if (str_ends_with($word, $ending) && mb_strlen($word) - strlen($ending) >= 3) {
                $stems[] = mb_substr($word, 0, -strlen($ending)).$instead;
            }
        }

        return $stems;
    }
}
