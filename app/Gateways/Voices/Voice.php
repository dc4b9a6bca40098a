<?php

declare(strict_types=1);

namespace App\Gateways\Voices;

/** Somebody who can read scripts. */
final readonly class Voice
{
    public const SLOWEST = 60;

    public const FASTEST = 180;

    /**
     * @param  string  $engine  the synthesiser's own name for it
     * @param  int  $pitch  0…99, the synthesiser's scale
     * @param  int  $rate  words a minute
     * @param  VoiceEngine  $source  which synthesiser it is of
     * @param  int  $speed  percent of its usual rate that it is to read at
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $language,
        public string $accent,
        public string $register,
        public string $engine,
        public int $pitch,
        public int $rate,
        public VoiceEngine $source = VoiceEngine::Narrator,
        public int $speed = 100,
    ) {
    }

    /** The same voice, faster or slower. */
    public function at(int $speed): self
    {
        return new self($this->id, $this->name, $this->language, $this->accent, $this->register, $this->engine, $this->pitch, $this->rate, $this->source, max(self::SLOWEST, min(self::FASTEST, $speed)));
    }

    /** Words a minute at its speed */
    public function wordsAMinute(): int
    {
        return (int) round($this->rate * $this->speed / 100);
    }

    /** All that can change a sample of what it says. */
    public function fingerprint(): string
    {
        return ($this->source === VoiceEngine::Narrator ? '' : $this->source->value.'/')."{$this->engine}/{$this->pitch}/{$this->wordsAMinute()}";
    }
}
