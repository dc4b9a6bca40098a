<?php

declare(strict_types=1);

namespace RapidReel\Text\Hook;

use RapidReel\Base\Language\Picturable;

/** What speaks for the first words of a short and what against, as plain findings with their reasons. */
final class HookReview
{
    private const PRONOUN = '/^[“"‘\'(]*(he|she|it|they|his|her|its|their|him|them|this|that|these|those)\b/iu';

    /** "It was", "this is" and the like point at what follows them and not at a noun that is missing. */
    private const POINTS_AHEAD = '/^[“"‘\'(]*(?:(?:it|this|that)(?:\'|’)?s? (?:(?:is|was|took|takes|cost|costs|turns'
        .'|happened|would|could|will) )?(?:a|an|the|how|why|what|when|where|who|only|all|not|one|two|three|four|five'
        .'|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty|sixty|\d|time|hard|easy|said)|(?:this|that'
        .'|these|those) (?!is\b|was\b|are\b|were\b|has\b|had\b|will\b|would\b)\p{L}+)/iu';

    /** Words beyond which a hook is hard to take in at once. */
    private const MOST_WORDS = 14;

    /**
     * @param  string  $hook  the first spoken words
     * @param  int  $hookMs  how long they take, known or estimated
     * @param  int  $windowMs  how long a viewer waits
     * @return non-empty-list<HookFinding> what to put right first
     */
    public static function of(string $hook, int $hookMs, int $windowMs, string $channel = ''): array
    {
        $findings = [];
        $seconds = $hookMs / 1000;
        if ($hookMs > $windowMs) {
            $much = max(1, (int) ceil((($hookMs - $windowMs) / 1000) * 2.7));
            $findings[] = new HookFinding(
                'late',
                false,
                sprintf(
                    'It takes %.1f s to say; viewers give it %.1f s. Take out a word%s.',
                    $seconds,
                    $windowMs / 1000,
                    $much === 1 ? '' : " or $much",
                ),
            );
        }
        $filler = Filler::before($hook, $channel);
        if ($filler !== '') {
            $findings[] = new HookFinding(
                'filler',
                false,
                sprintf('“%s” comes first and tells the viewer nothing.', rtrim($filler, ' ,.:;—–-')),
            );
        }
        $core = Filler::off($hook, $channel) ?: $hook;
        if (preg_match(self::PRONOUN, $core, $match) === 1 && preg_match(self::POINTS_AHEAD, $core) !== 1) {
            $findings[] = new HookFinding(
                'pronoun',
                false,
                sprintf('It begins with “%s” before anyone knows who or what that is. Name it.', $match[1]),
            );
        }
        $vague = Picturable::vague($core);
        // What stands for a missing noun was told above; one that is meant to be vague opens a gap.
        $vague = array_values(
            array_filter(
                $vague,
                static fn (string $word): bool => preg_match(
                    '/^(?:it|this|that|these|those|nobody|nothing|everyone|someone|something|anyone|everything|anything'
                        .'|somebody)$/i',
                    $word,
                ) !== 1,
            ),
        );
        if ($vague !== []) {
            $findings[] = new HookFinding(
                'abstract',
                false,
                sprintf('Nobody can picture “%s”. Say what is seen.', implode('”, “', array_slice($vague, 0, 3))),
            );
        }
        $shapes = HookShape::in($core);
        if ($shapes === []) {
            $findings[] = new HookFinding(
                'plain',
                false,
                'It states something and leaves nothing open: no question, number, contrast or dare.',
            );
        }
        if (preg_match_all('/\S+/u', $core) > self::MOST_WORDS) {
            $findings[] = new HookFinding(
                'wordy',
                false,
                sprintf('%d words are much to take in at once.', preg_match_all('/\S+/u', $core)),
            );
        }
        foreach ($shapes as $shape) {
            $findings[] = new HookFinding($shape->value, true, $shape->says());
        }
        if ($hookMs <= $windowMs) {
            $findings[] = new HookFinding(
                'in-time',
                true,
                sprintf('It is out in %.1f s of %.1f.', $seconds, $windowMs / 1000),
            );
        }

        return $findings;
    }
}
