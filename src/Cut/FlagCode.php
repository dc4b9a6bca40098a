<?php

declare(strict_types=1);

namespace RapidReel\Cut;

enum FlagCode: string
{
    case HookLate = 'hook-late';
    case TooLong = 'too-long';
    case TooShort = 'too-short';
    case FootageRepeats = 'footage-repeats';
    case NoFace = 'no-face';
    case Estimated = 'estimated';
    case HookFiller = 'hook-filler';
    case HookPronoun = 'hook-pronoun';
    case HookAbstract = 'hook-abstract';
    case SceneCrowded = 'scene-crowded';
    case SeveralArticles = 'several-articles';
    case SameHook = 'same-hook';
    case SameScript = 'same-script';
}
