<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Base\Language\SentenceSplitter;
use RapidReel\Base\Refusal;
use RapidReel\Voice\Speech\SpeechRate;

/**
 * Splits the words of a script into scenes. The first is the hook, and a last one that asks the viewer for something is
 * the close.
 */
final readonly class SceneSplitter
{
    public function __construct(
        private SentenceSplitter $sentences = new SentenceSplitter,
        private WordSplitter $words = new WordSplitter,
    ) {
    }

    /**
     * @return non-empty-list<Scene>
     *
     * @throws UnusableScript when a scene would be too long
     * @throws Refusal
     */
    public function split(Script $script, ?SplitRule $rule = null, ?SpeechRate $rate = null): array
    {
        $scenes = $this->splitText($script->spoken(), $rule ?? SplitRule::sentence(), $rate ?? SpeechRate::common());
        if ($scenes === []) {
            throw UnusableScript::hasNothingSpoken();
        }
        // What a picture note asks for is shown where it stands; the first of a scene counts.
        $wanted = [];
        foreach ($script->notes($scenes) as $note) {
            if ($note->picture() !== null) {
                $wanted[$note->scene] ??= $note->picture();
            }
        }

        return array_map(
            static fn (Scene $scene, int $i): Scene => isset($wanted[$i]) ? $scene->withBrief($wanted[$i]) : $scene,
            $scenes,
            array_keys($scenes),
        );
    }

    /**
     * @return list<Scene>
     *
     * @throws UnusableScript when a scene would be too long
     * @throws Refusal
     */
    public function splitText(string $text, SplitRule $rule, SpeechRate $rate): array
    {
        $lines = array_map(trim(...), explode("\n", $text));
        $lines = array_filter($lines, static fn (string $line): bool => $line !== '');
        $lines = $this->joinWordless(array_values($lines));
        /** @var list<array{string, bool}> $pieces text, and whether a line begins there */
        $pieces = [];
        if ($rule->kind === SplitKind::Words) {
            $pieces = $this->words->byRange(
                $lines,
                $rule->fewestWords,
                $rule->mostWords,
                $this->sentences,
                $rate->language,
            );
        } else {
            foreach ($lines as $line) {
                $parts =
                    $rule->kind === SplitKind::Line ? [$line] : $this->joinWordless($this->sentences->split($line));
                if ($rule->kind === SplitKind::Seconds) {
                    $parts = array_merge(
                        [],
                        ...array_map(
                            fn (string $sentence): array => $this->words->byTime(
                                $sentence,
                                $rule->longestSeconds,
                                $rate,
                            ),
                            $parts,
                        ),
                    );
                }
                foreach ($parts as $i => $part) {
                    $pieces[] = [$part, $i === 0];
                }
            }
        }
        $scenes = [];
        foreach ($pieces as [$piece, $startsLine]) {
            if (mb_strlen($piece) > Scene::MOST_CHARACTERS) {
                throw UnusableScript::hasAScenelessLength(mb_strlen($piece), Scene::MOST_CHARACTERS);
            }
            $scenes[] = new Scene(SceneRole::Beat, $piece, $startsLine);
        }

        return Roles::given($scenes);
    }

    /**
     * A piece with no letter or digit (a lone dash) goes with its neighbour.
     *
     * @param  list<string>  $pieces
     * @return list<string>
     */
    private function joinWordless(array $pieces): array
    {
        $joined = [];
        foreach ($pieces as $piece) {
            $last = array_key_last($joined);
            if ($last !== null && (! Scene::isSpeakable($piece) || ! Scene::isSpeakable($joined[$last]))) {
                $joined[$last] .= ' '.$piece;
            } else {
                $joined[] = $piece;
            }
        }

        return count($joined) === 1 && ! Scene::isSpeakable($joined[0]) ? [] : $joined;
    }
}
