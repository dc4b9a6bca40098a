<?php

declare(strict_types=1);

namespace RapidReel\Footage;

use RapidReel\Language\Terms;

/**
 * Puts a picture under every shot: the footage whose tags share most with the words said over it, then with the scene,
 * then with the whole short. None stands twice in a short while another is left, whatever the words say.
 */
final readonly class FootageMatcher
{
    /** @param  string  $language  of the words, as a BCP 47 tag */
    public function __construct(private string $language = 'en')
    {
    }

    private const WORDS = 6.0;

    private const SCENE = 3.0;

    private const SHORT = 0.5;

    /** A clip that ends before the shot does would hang on its last picture. */
    private const TOO_SHORT = -4.0;

    /**
     * @param  list<ShotNeed>  $needs  in order of the short
     * @param  non-empty-list<Footage>  $library
     * @return list<Footage> one for each need
     */
    public function match(array $needs, array $library): array
    {
        $rarity = $this->rarity($library);
        $tags = [];
        foreach ($library as $footage) {
            $tags[$footage->id] = array_unique($this->terms(implode(' ', $footage->tags)));
        }
        $whole = array_merge([], ...array_map(fn (ShotNeed $need): array => $this->terms($need->sceneText), $needs));

        $uses = [];
        foreach ($needs as $need) {
            if ($need->chosen !== null) {
                $uses[$need->chosen->id] = ($uses[$need->chosen->id] ?? 0) + 1;
            }
        }

        $picked = [];
        $previous = '';
        foreach ($needs as $need) {
            $footage = $need->chosen ?? $this->best($need, $library, $tags, $rarity, $whole, $uses, $previous);
            if ($need->chosen === null) {
                $uses[$footage->id] = ($uses[$footage->id] ?? 0) + 1;
            }
            $previous = $footage->id;
            $picked[] = $footage;
        }

        return $picked;
    }

    /**
     * @param  non-empty-list<Footage>  $library
     * @param  array<string, array<string>>  $tags
     * @param  array<string, float>  $rarity
     * @param  array<string>  $whole
     * @param  array<string, int>  $uses
     */
    private function best(
        ShotNeed $need,
        array $library,
        array $tags,
        array $rarity,
        array $whole,
        array $uses,
        string $previous,
    ): Footage {
        $words = $this->terms($need->text);
        $scene = $this->terms($need->sceneText);
        $best = $library[0];
        $bestScore = -INF;
        foreach ($library as $footage) {
            $used = $uses[$footage->id] ?? 0;
            $score = -1000.0 * $used - ($footage->id === $previous ? 500.0 : 0.0);
            foreach ($tags[$footage->id] as $tag) {
                $weight = $rarity[$tag] ?? 1.0;
                $score += in_array($tag, $words, true) ? self::WORDS * $weight : 0.0;
                $score += in_array($tag, $scene, true) ? self::SCENE * $weight : 0.0;
                $score += in_array($tag, $whole, true) ? self::SHORT * $weight : 0.0;
            }
            if ($footage->kind === FootageKind::Clip && $footage->durationMs < $need->durationMs) {
                $score += self::TOO_SHORT;
            }
            // Equal ones are told apart by the words, so that not every short opens on the same picture.
            $score += hexdec(substr(hash('xxh32', $need->sceneText.$footage->id), 0, 6)) / 0x1000000 * 0.4;
            if ($score > $bestScore) {
                $best = $footage;
                $bestScore = $score;
            }
        }

        return $best;
    }

    /**
     * A tag that few pictures carry says more than one that many do: 1 / (1 + ln(count)).
     *
     * @param  list<Footage>  $library
     * @return array<string, float>
     */
    private function rarity(array $library): array
    {
        $counts = [];
        foreach ($library as $footage) {
            foreach (array_unique($this->terms(implode(' ', $footage->tags))) as $tag) {
                $counts[$tag] = ($counts[$tag] ?? 0) + 1;
            }
        }

        return array_map(static fn (int $count): float => 1 / (1 + log($count)), $counts);
    }

    /** @return list<string> */
    private function terms(string $text): array
    {
        return Terms::of($text, $this->language);
    }
}
