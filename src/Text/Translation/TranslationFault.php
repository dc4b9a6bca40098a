<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation;

/** What speaks against a sentence that came back. */
enum TranslationFault: string
{
    case Missing = 'missing';
    case Unknown = 'unknown';
    case Repeated = 'repeated';
    case Codes = 'codes';
    case Script = 'script';
    case Wordy = 'wordy';
    case Untranslated = 'untranslated';
    case Language = 'language';
    case Older = 'older';
    case Long = 'long';
    case Term = 'term';
    case Number = 'number';

    /** Whether the sentence is taken all the same. */
    public function isTaken(): bool
    {
        return match ($this) {
            self::Untranslated, self::Language, self::Older, self::Long, self::Term, self::Number,
            self::Repeated => true,
            default => false,
        };
    }
}
