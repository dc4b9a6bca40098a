<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

enum SplitKind: string
{
    case Sentence = 'sentence';
    case Line = 'line';
    case Words = 'words';
    case Seconds = 'seconds';
}
