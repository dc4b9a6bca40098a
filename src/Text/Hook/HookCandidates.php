<?php

declare(strict_types=1);

namespace RapidReel\Text\Hook;

use RapidReel\Base\Language\TextRank;
use RapidReel\Text\Script\Scene;
use RapidReel\Voice\Speech\SpeechRate;

/**
 * Other first words that a script offers by itself: its title, the hook without its greeting, its strongest sentence.
 */
final class HookCandidates
{
    /**
     * @param  non-empty-list<Scene>  $scenes
     * @return array<string, string> the words, by where they come from: "title", "without-filler", "sentence"
     */
    public static function of(
        string $title,
        array $scenes,
        SpeechRate $rate,
        int $windowMs,
        string $channel = '',
    ): array {
        $hook = $scenes[0]->text;
        $candidates = [];
        if (preg_match_all('/\S+/u', $title) >= 3) {
            $candidates['title'] = rtrim($title, ' .').(preg_match('/[?!…]$/u', $title) === 1 ? '' : '.');
        }
        if (Filler::before($hook, $channel) !== '') {
            $candidates['without-filler'] = Filler::off($hook, $channel);
        }
        $sentences = array_merge(
            [],
            ...array_map(static fn (Scene $scene): array => $scene->sentences(), array_slice($scenes, 1)),
        );
        $candidates['sentence'] = self::strongest($sentences, $rate, $windowMs) ?? '';

        return array_filter(
            array_unique($candidates),
            static fn (string $words): bool => $words !== '' && self::plain($words) !== self::plain($hook),
        );
    }

    /**
     * The sentence that says most of the text and would hold a viewer: by its rank, what shape it has, and whether it
     * is out in time.
     *
     * @param  list<string>  $sentences
     */
    public static function strongest(array $sentences, SpeechRate $rate, int $windowMs): ?string
    {
        $best = null;
        $bestScore = 0.0;
        foreach (TextRank::scores($sentences) as $i => $score) {
            $findings = HookReview::of($sentences[$i], $rate->ofText($sentences[$i]), $windowMs);
            foreach ($findings as $finding) {
                $score *= match ($finding->code) {
                    'late' => 0.5,
                    'pronoun', 'filler' => 0.4,
                    'abstract', 'plain', 'wordy' => 0.7,
                    'in-time' => 1.0,
                    default => 1.3,
                };
            }
            if ($score > $bestScore) {
                [$best, $bestScore] = [$sentences[$i], $score];
            }
        }

        return $best;
    }

    private static function plain(string $text): string
    {
        return mb_strtolower((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', trim($text, " .?!…\"'")));
    }
}
