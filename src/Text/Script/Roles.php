<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Base\Language\LanguagePacks;
use RapidReel\Base\Language\Pack\LanguagePack;
use RapidReel\Base\Refusal;

/** Which scene is the hook, and which the close. */
final class Roles
{
    /**
     * @param  list<Scene>  $scenes
     * @return list<Scene>
     *
     * @throws Refusal
     */
    public static function given(array $scenes): array
    {
        $last = count($scenes) - 1;

        return array_map(static fn (Scene $scene, int $i): Scene => $scene->as(match (true) {
            $i === 0 => SceneRole::Hook,
            $i === $last && self::asks($scene->text) => SceneRole::Close,
            default => SceneRole::Beat,
        }), $scenes, array_keys($scenes));
    }

    /** Whether a sentence asks the viewer: a question, or an imperative of the kind that shorts end on. */
    public static function asks(string $sentence): bool
    {
        return preg_match('/\?[”"’\')]*$/u', $sentence) === 1 ||
            preg_match(self::asking(), $sentence) === 1 ||
            preg_match(
                '/\b(?:follow|subscribe|comment below|in the comments|tell us|let (?:me|us) know)\b/iu',
                $sentence,
            ) === 1;
    }

    /** How sentences begin that ask for something, in all languages. */
    private static function asking(): string
    {
        $asks = array_map(static fn (LanguagePack $pack): string => $pack->words->asks, LanguagePacks::all());

        return '/^(?:'.implode('|', $asks).')(?![\p{L}\p{N}])/iu';
    }
}
