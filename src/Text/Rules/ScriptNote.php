<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

/** Something of a script that is not spoken, and where it stands among the words. */
final readonly class ScriptNote
{
    /**
     * @param  int  $scene  number of the scene (from 0) that it stands before or in
     * @param  int  $offset  characters of that scene's text before it
     * @param  bool  $ownLine  stands on a line without spoken words
     */
    public function __construct(
        public RunKind $kind,
        public string $text,
        public int $scene,
        public int $offset,
        public bool $ownLine,
    ) {
    }

    public function moved(int $scene, int $offset): self
    {
        return new self($this->kind, $this->text, $scene, $offset, $this->ownLine);
    }

    /** Its words, as they would be said: without brackets and marks around. */
    public function said(): string
    {
        $plain = (string) preg_replace(
            ['/^\s*(?:#{1,6}\s+|>\s*|[-*+•]\s+)/u', '/^[\[({<*_~]+\s*|\s*[\])}>*_~]+$/u'],
            '',
            $this->text,
        );

        return trim($plain);
    }

    /** What it wants shown, where it is a picture or camera note or a field of one. */
    public function picture(): ?string
    {
        return match ($this->kind) {
            RunKind::Direction => Directions::picture($this->text),
            RunKind::Picture => Labels::shown($this->text),
            default => null,
        };
    }
}
