<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

use RapidReel\Base\Language\ScriptWord;
use RapidReel\Base\Language\SentenceSplitter;
use RapidReel\Base\Language\WordPlaces;
use RapidReel\Base\Refusal;

/** One thought of a script, with its part in it. The text is not empty and has no line breaks. */
final readonly class Scene
{
    /** The longest text of one scene, in characters: about a minute of speech. */
    public const MOST_CHARACTERS = 1_000;

    public string $text;

    public string $brief;

    /**
     * @param  bool  $startsLine  whether a line of the script begins here
     * @param  string  $brief  what the maker wants shown, where that is said; else what is shown follows from the words
     * @param  SceneOwn  $own  what belongs to it beside its words
     *
     * @throws Refusal
     */
    public function __construct(
        public SceneRole $role,
        string $text,
        public bool $startsLine = true,
        string $brief = '',
        public SceneOwn $own = new SceneOwn,
    ) {
        $this->text = self::plain($text);
        $this->brief = self::plain($brief);
        if (! self::isSpeakable($this->text)) {
            throw new Refusal('A scene needs at least one spoken word.');
        }
        if (mb_strlen($this->text) > self::MOST_CHARACTERS) {
            throw new Refusal(
                sprintf('A scene takes at most %s characters; split it in two.', number_format(self::MOST_CHARACTERS)),
            );
        }
    }

    public static function isSpeakable(string $text): bool
    {
        return preg_match('/[\p{L}\p{N}]/u', $text) === 1;
    }

    /** @throws Refusal */
    public function as(SceneRole $role): self
    {
        return new self($role, $this->text, $this->startsLine, $this->brief, $this->own);
    }

    /**
     * Other words. What belongs to words that are still there stays with them.
     *
     * @throws Refusal
     */
    public function saying(string $text): self
    {
        $scene = new self($this->role, $text, $this->startsLine, $this->brief);

        return $scene->with(
            $this->own->replaced(WordPlaces::between($this->text, $scene->text), $this->words(), $scene->words()),
        );
    }

    /** @throws Refusal */
    public function with(SceneOwn $own): self
    {
        return new self($this->role, $this->text, $this->startsLine, $this->brief, $own);
    }

    public function words(): int
    {
        return count(ScriptWord::of($this->text));
    }

    /** @throws Refusal */
    public function withBrief(string $brief): self
    {
        return new self($this->role, $this->text, $this->startsLine, $brief, $this->own);
    }

    /** A trailing ellipsis: the thought goes on in the next scene, without a pause between. */
    public function carriesOn(): bool
    {
        return preg_match('/(?:…|\.\.\.)["”’\')]*$/u', $this->text) === 1;
    }

    /** @return list<string> */
    public function sentences(SentenceSplitter $splitter = new SentenceSplitter): array
    {
        return $splitter->split($this->text);
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }
}
