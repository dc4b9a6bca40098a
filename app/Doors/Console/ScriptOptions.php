<?php

declare(strict_types=1);

namespace App\Doors\Console;

/** What commands over scripts take, all alike. */
final class ScriptOptions
{
    public const ALL = '{scripts : a .txt, .md, .csv, .srt or .vtt file, a .zip or a folder of them}'.self::ONLY;

    public const OPTIONAL = '{scripts? : a .txt, .md, .csv, .srt or .vtt file, a .zip or a folder of them}'.self::ONLY;

    private const ONLY = '
        {--channel= : the channel whose house style and library count, by name or number}
        {--voice= : who reads; --set voice=… is the same}
        {--profile= : what the outlet accepts; --set profile=… is the same}
        {--targets= : a JSON file of targets of your own, as own_targets of reel:settings has them}
        {--split= : a scene for each sentence, line, words:5-15 or seconds:4; --set split=… is the same}
        {--set=* : any setting, as key=value; reel:settings lists them}
        {--cadence= : how often pictures change: 2.5, 5-15 words or longest; --set cadence=… is the same}
        {--fit : leave out sentences until a script fits its target}
        {--tighten= : bring scripts that are longer to so many seconds}
        {--stretch= : bring scripts that are shorter to so many seconds}';
}
