<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

use Locale;
use RapidReel\Base\JsonFields;
use RapidReel\Base\Language\LanguagePacks;
use ValueError;

/** Somebody who can read scripts. */
final readonly class Voice
{
    /**
     * @param  string  $language  as a BCP 47 tag
     * @param  VoiceEngine  $source  which synthesiser it is of
     * @param  int  $speed  percent of its usual rate that it is to read at
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $language,
        public string $accent,
        public string $register,
        public Speaker $speaker,
        public VoiceEngine $source = VoiceEngine::Narrator,
        public int $speed = 100,
    ) {
    }

    /** Its id as a part of a file's name: a service may call its voices anything. */
    public function plainId(): string
    {
        return substr((string) preg_replace('/[^A-Za-z0-9.-]+/', '-', $this->id), 0, 80);
    }

    /** The language's own part of the tag: "en" of "en-GB". */
    public function primaryLanguage(): string
    {
        return (string) Locale::getPrimaryLanguage($this->language);
    }

    /** Whether it speaks a language, told by a tag or by its English name. */
    public function speaks(string $language): bool
    {
        return strtolower((string) preg_replace('/[-_].*/', '', trim($language))) === $this->primaryLanguage()
            || strcasecmp(trim($language), $this->languageName()) === 0;
    }

    /** Its language in English, by CLDR. */
    public function languageName(): string
    {
        return (string) Locale::getDisplayLanguage($this->language, 'en');
    }

    /**
     * The same voice, faster or slower.
     *
     * @param  int  $speed  percent, from SpeechRate::SLOWEST to FASTEST
     */
    public function at(int $speed): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->language,
            $this->accent,
            $this->register,
            $this->speaker,
            $this->source,
            $speed,
        );
    }

    /** Whether the engine tells when it says which word; else that is found in the sound. */
    public function tellsWordTimes(): bool
    {
        return ! $this->source->isOutside();
    }

    /** A sentence in its language to hear it by. */
    public function sample(): string
    {
        return LanguagePacks::of($this->language)->sample;
    }

    /** Words a minute at its speed */
    public function wordsAMinute(): int
    {
        return (int) round($this->speaker->rate * $this->speed / 100);
    }

    /** All that can change a sample of what it says. */
    public function fingerprint(): string
    {
        if ($this->source->isOutside()) {
            return "{$this->source->value}/{$this->id}/{$this->speed}";
        }

        return ($this->source === VoiceEngine::Narrator ? '' : $this->source->value.'/').
            "{$this->speaker->name}/{$this->speaker->pitch}/{$this->wordsAMinute()}";
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'language' => $this->language, 'accent' => $this->accent,
            'register' => $this->register, 'speaker' => get_object_vars($this->speaker),
            'source' => $this->source->value, 'speed' => $this->speed,
        ];
    }

    /** @throws ValueError where it is no voice */
    public static function fromJson(JsonFields $data): self
    {
        $speaker = $data->part('speaker');

        return new self(
            $data->text('id'), $data->text('name'), $data->text('language'), $data->text('accent'),
            $data->text('register'),
            new Speaker($speaker->text('name'), $speaker->whole('pitch', 0, 99), $speaker->whole('rate', 1, 1_000)),
            VoiceEngine::from($data->text('source')),
            $data->whole('speed', 1, 1_000),
        );
    }
}
