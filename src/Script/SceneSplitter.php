<?php

declare(strict_types=1);

namespace RapidReel\Script;

/** One sentence a scene; the first is the hook, and a last one that asks the viewer for something is the close. */
final class SceneSplitter
{
    private const ASKS = '/^(?:so |now |and |then |please |but )*(?:follow|subscribe|tell|comment|share|save|like|watch|tap|click|send|join|ask|write|come back|stay|leave|let (?:me|us) know|tag|vote|guess|look|check|keep|try|remember|visit|listen|hit|drop|press|turn)\b/iu';

    public function __construct(private readonly SentenceSplitter $sentences = new SentenceSplitter)
    {
    }

    /**
     * @return non-empty-list<Scene>
     *
     * @throws UnusableScript when a sentence is too long for a scene
     */
    public function split(Script $script): array
    {
        $sentences = $this->joinWordless($this->sentences->split($script->spoken()));
        if ($sentences === []) {
            throw UnusableScript::hasNothingSpoken();
        }
        $last = count($sentences) - 1;
        $scenes = [];
        foreach ($sentences as $i => $sentence) {
            if (mb_strlen($sentence) > Scene::MOST_CHARACTERS) {
                throw UnusableScript::hasAScenelessLength(mb_strlen($sentence), Scene::MOST_CHARACTERS);
            }
            $role = match (true) {
                $i === 0 => SceneRole::Hook,
                $i === $last && $this->asks($sentence) => SceneRole::Close,
                default => SceneRole::Beat,
            };
            $scenes[] = new Scene($role, $sentence);
        }

        return $scenes;
    }

    /** Whether a sentence asks the viewer: a question, or an imperative of the kind that shorts end on. */
    public function asks(string $sentence): bool
    {
        return preg_match('/\?[”"’\')]*$/u', $sentence) === 1
            || preg_match(self::ASKS, $sentence) === 1
            || preg_match('/\b(?:follow|subscribe|comment below|in the comments|tell us|let (?:me|us) know)\b/iu', $sentence) === 1;
    }

    /**
     * A piece with no letter or digit (a lone dash) goes with its neighbour.
     *
     * @param  list<string>  $sentences
     * @return list<string>
     */
    private function joinWordless(array $sentences): array
    {
        $joined = [];
        foreach ($sentences as $sentence) {
            $last = array_key_last($joined);
            if ($last !== null && preg_match('/[\p{L}\p{N}]/u', $sentence) !== 1) {
                $joined[$last] .= ' '.$sentence;
            } else {
                $joined[] = $sentence;
            }
        }

        return $joined;
    }
}
