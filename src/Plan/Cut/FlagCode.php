<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

enum FlagCode: string
{
    case HookLate = 'hook-late';
    case TooLong = 'too-long';
    case TooShort = 'too-short';
    case FootageRepeats = 'footage-repeats';
    case NoMatch = 'no-match';
    case OddLook = 'odd-look';
    case NoGround = 'no-ground';
    case NoFace = 'no-face';
    case CaptionTight = 'caption-tight';
    case LowContrast = 'low-contrast';
    case Estimated = 'estimated';
    case HookFiller = 'hook-filler';
    case HookPronoun = 'hook-pronoun';
    case HookAbstract = 'hook-abstract';
    case SceneCrowded = 'scene-crowded';
    case SeveralArticles = 'several-articles';
    case SameHook = 'same-hook';
    case SameScript = 'same-script';
    case OtherLanguage = 'other-language';
    case NotAsSet = 'not-as-set';

    /** In a word or two, for a table; the guide has a heading of the same words. */
    public function label(): string
    {
        return match ($this) {
            self::HookLate => 'late hook',
            self::TooLong => 'too long',
            self::TooShort => 'too short',
            self::FootageRepeats => 'picture repeated',
            self::NoMatch => 'no picture',
            self::OddLook => 'odd colours',
            self::NoGround => 'no plain background',
            self::NoFace => 'characters no typeface has',
            self::CaptionTight => 'tight captions',
            self::LowContrast => 'faint caption',
            self::Estimated => 'estimated',
            self::HookFiller => 'greeting first',
            self::HookPronoun => 'pronoun first',
            self::HookAbstract => 'vague hook',
            self::SceneCrowded => 'crowded scenes',
            self::SeveralArticles => 'several articles',
            self::SameHook => 'hook said before',
            self::SameScript => 'told before',
            self::OtherLanguage => 'voice of another language',
            self::NotAsSet => 'set without effect',
        };
    }
}
