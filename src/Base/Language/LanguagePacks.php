<?php

declare(strict_types=1);

namespace RapidReel\Base\Language;

use Locale;
use RapidReel\Base\Language\Pack\English;
use RapidReel\Base\Language\Pack\French;
use RapidReel\Base\Language\Pack\German;
use RapidReel\Base\Language\Pack\Italian;
use RapidReel\Base\Language\Pack\LanguagePack;
use RapidReel\Base\Language\Pack\Neutral;
use RapidReel\Base\Language\Pack\Portuguese;
use RapidReel\Base\Language\Pack\Spanish;

/** The packs by BCP 47 tags; of a language without one the neutral pack. */
final class LanguagePacks
{
    /** @var array<string, LanguagePack> */
    private static array $known = [];

    /** @param  string  $tag  such as "en" or "pt-BR" */
    public static function of(string $tag): LanguagePack
    {
        return self::$known[$tag] ??= self::made((string) Locale::getPrimaryLanguage($tag));
    }

    /** @return list<LanguagePack> all that know more than sounds */
    public static function all(): array
    {
        return array_map(self::of(...), ['en', 'de', 'fr', 'es', 'it', 'pt']);
    }

    private static function made(string $code): LanguagePack
    {
        return match ($code) {
            'en' => English::pack(),
            'de' => German::pack(),
            'fr' => French::pack(),
            'es' => Spanish::pack(),
            'it' => Italian::pack(),
            'pt' => Portuguese::pack(),
            default => Neutral::pack($code),
        };
    }
}
