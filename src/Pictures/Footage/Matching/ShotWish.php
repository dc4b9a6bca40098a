<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage\Matching;

use RapidReel\Base\Language\Picturable;
use RapidReel\Base\Language\Terms;
use RapidReel\Pictures\Footage\ShotNeed;

/** What a shot's words ask for, as weights of terms. */
final readonly class ShotWish
{
    private const SAID = 1.0;

    private const BRIEF = 0.9;

    private const SCENE = 0.45;

    private const SUBJECT = 0.7;

    /** Of what something near a word adds, against the word itself. */
    private const NEAR = 0.5;

    /**
     * @param  array<array-key, float>  $terms  weights by stem
     * @param  array<array-key, string>  $said  the word that each stem is there for, as it was written
     */
    private function __construct(
        public array $terms,
        public array $said,
    ) {
    }

    /** @param  string  $subject  of the short, for words that could mean anything */
    public static function of(ShotNeed $need, string $subject, string $language): self
    {
        $terms = $said = [];
        $add = static function (string $text, float $weight) use (&$terms, &$said, $language): void {
            foreach (Terms::written($text, $language) as $stem => $word) {
                if ($weight > ($terms[$stem] ?? 0.0)) {
                    $terms[$stem] = $weight;
                    $said[$stem] = $word;
                }
                foreach (NearWords::of((string) $stem, $language) as $near) {
                    if ($weight * self::NEAR > ($terms[$near] ?? 0.0)) {
                        $terms[$near] = $weight * self::NEAR;
                        $said[$near] = $word;
                    }
                }
            }
        };
        $add($need->text, self::SAID);
        $add($need->brief, self::BRIEF);
        $isVague = Picturable::seen($need->text) === 0 || Picturable::vague($need->text) !== [];
        $add($need->sceneText, self::SCENE);
        if ($isVague) {
            $add($subject, self::SUBJECT);
        }

        return new self($terms, $said);
    }
}
