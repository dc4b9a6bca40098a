<?php

declare(strict_types=1);

namespace RapidReel\Captions\Typesetting;

use RapidReel\Base\Language\LanguagePacks;

/**
 * Small words around which a caption is best broken, by language: before those that join or lead (conjunctions,
 * relative words, prepositions), and never right after one of them or after an article.
 */
final readonly class Joints
{
    private const JOINING = [
        'en' => 'and but or nor so yet because although though while when where which who whom whose that if '
            .'unless until since as than before after',
        'de' => 'und aber oder denn sondern weil obwohl während wenn wo die der das welche welcher dass ob '
            .'bis seit als bevor nachdem damit sobald',
        'fr' => 'et mais ou ni car donc parce que qui quand où dont lorsque puisque si comme tandis',
        'es' => 'y e pero o u ni porque que quien cuando donde aunque mientras si como sino pues',
        'it' => 'e ed ma o né perché che chi quando dove anche mentre se come oppure quindi poiché',
        'pt' => 'e mas ou nem porque que quem quando onde embora enquanto se como pois porém',
    ];

    private const LEADING = [
        'en' => 'in on at by for from with without to of into onto over under through between against during '
            .'about across along around behind below beneath beyond near off toward towards upon within '
            .'like',
        'de' => 'in im ins an am ans auf aus bei beim mit nach von vom vor zu zum zur über unter durch für '
            .'gegen ohne um zwischen hinter neben',
        'fr' => 'à au aux de du des en dans sur sous avec sans pour par vers chez entre contre pendant '
            .'depuis devant derrière',
        'es' => 'a al de del en con sin por para sobre bajo entre hasta desde hacia contra durante tras ante',
        'it' => 'a al alla ai di del della dei in nel nella con senza per su sul sulla tra fra da dal dalla '
            .'verso sotto contro',
        'pt' => 'a ao à aos de do da dos das em no na nos nas com sem por para sobre sob entre até desde '
            .'contra durante',
    ];

    private const BOUND = [
        'en' => 'a an the my your his her its our their this that these those no every each some any is are '
            .'was were be been am has have had will would can could should may might must not do does did '
            .'very too mr mrs ms dr st i you he she it we they',
        'de' => 'ein eine einen einem einer eines der die das den dem des mein dein sein ihr unser kein '
            .'keine ist sind war waren hat haben hatte wird werden kann nicht sehr ich du er sie es wir',
        'fr' => 'un une le la les l’ mon ma mes ton ta tes son sa ses notre votre leur ce cet cette ces est '
            .'sont était a ont ne très je tu il elle on nous vous ils elles',
        'es' => 'un una unos unas el la los las mi tu su nuestro este esta ese esa es son era fue ha han no '
            .'muy yo se le lo',
        'it' => 'un uno una il lo la i gli le mio tuo suo nostro questo questa è sono era ha hanno non molto '
            .'io si ci ne',
        'pt' => 'um uma uns umas o os as meu minha teu seu sua nosso este esta é são era foi tem não muito '
            .'eu se lhe',
    ];

    /**
     * @param  array<string, true>  $joining  conjunctions and relative words
     * @param  array<string, true>  $leading  prepositions
     * @param  array<string, true>  $bound  what belongs to the word after it
     * @param  array<string, true>  $small  words that name nothing
     */
    private function __construct(
        public array $joining,
        public array $leading,
        public array $bound,
        public array $small,
    ) {
    }

    /** @param  string  $language  as a BCP 47 tag */
    public static function of(string $language): self
    {
        $pack = LanguagePacks::of($language);

        return new self(
            self::words(self::JOINING[$pack->code] ?? ''),
            self::words(self::LEADING[$pack->code] ?? ''),
            self::words(self::BOUND[$pack->code] ?? ''),
            $pack->words->functionWords,
        );
    }

    /** @return array<string, true> */
    private static function words(string $list): array
    {
        return array_fill_keys(explode(' ', $list), true);
    }

    /** A word without the signs around it, in small letters. */
    public static function bare(string $word): string
    {
        return mb_strtolower((string) preg_replace('/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/u', '', $word));
    }
}
