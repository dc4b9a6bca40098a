<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Illustration;

/** Things that can be drawn, each about its own foot, some hundred units high. */
final class Subjects
{
    /** What a brief asks for, and how it is drawn; the first that it names is meant most. */
    private const NAMED = [
        'lighthouse' => 'lighthouse|beacon|tower',
        'boat' => 'boats?|ships?|sail(?:ing|or|ors)?|steamer|vessel|fleet|ferry',
        'bell' => 'bells?|ringing',
        'lamp' => 'lamps?|lantern|light|flame|candle|fire',
        'book' => 'book|logbook|log|letter|letters|map|chart|page|note|line',
        'house' => 'house|home|harbour|town|village|quay|pier|church|room|cottage|office|school',
        'bird' => 'birds?|gulls?',
        'whale' => 'whales?|fish|fishing|dolphin',
        'dog' => 'dogs?|cats?|horse',
        'person' => 'keeper|captain|girl|boy|man|men|woman|child|father|mother|pilot|apprentice|widow|priests?|people|'
            .'fisherm[ae]n|clerk|doctor|crew',
    ];

    /** @return list<string> kinds of what is named, in the order in which it is */
    public static function in(string $brief): array
    {
        $found = [];
        foreach (self::NAMED as $kind => $words) {
            if (preg_match("/\\b(?:$words)\\b/iu", $brief, $match, PREG_OFFSET_CAPTURE) === 1) {
                $found[$kind] = $match[0][1];
            }
        }
        asort($found);

        return array_keys($found);
    }

    public static function draw(string $kind, Palette $colours, Dice $dice): string
    {
        $dark = $colours->near;
        $light = $colours->light;

        return match ($kind) {
            'lighthouse' => "<circle cy='-168' r='70' fill='$light' opacity='.25'/>"
                ."<path d='M-26 0 L-17 -140 H17 L26 0 Z' fill='#e8e0cc'/><path d='M-23 -42 H23 L21 -72 H-21 Z' "
                ."fill='#b3472d'/>"
                ."<path d='M-20 -102 H20 L18 -124 H-18 Z' fill='#b3472d'/><rect x='-24' y='-148' width='48' height='8' "
                ."fill='$dark'/><rect x='-13' y='-178' width='26' height='30' fill='$light'/>"
                ."<path d='M-18 -178 L0 -200 L18 -178 Z' fill='#b3472d'/>",
            'boat' => "<path d='M4 -130 L4 -18 L86 -18 Z' fill='#eadfc4'/><path d='M-4 -112 L-4 -18 L-56 -18 Z' "
                ."fill='#d9cba9'/>"
                ."<rect x='-3' y='-138' width='6' height='138' fill='$dark'/>"
                ."<path d='M-92 -16 H98 L72 22 H-68 Z' fill='{$dice->pick(['#a83d28', '#2c4a52', '#5b4636'])}'/>",
            'bell' => "<path d='M-52 0 C-46 -22 -44 -58 -32 -82 C-22 -102 22 -102 32 -82 C44 -58 46 -22 52 0 Z' "
                ."fill='#c79a4b'/>"
                ."<rect x='-58' y='-4' width='116' height='10' rx='5' fill='#a97f3a'/><circle cy='16' r='12' "
                ."fill='#7d5c2a'/>"
                ."<rect x='-7' y='-118' width='14' height='24' fill='$dark'/>",
            'lamp' => "<circle cy='-50' r='110' fill='$light' opacity='.28'/><rect x='-30' y='-90' width='60' "
                ."height='76' rx='6' "
                ."fill='$light'/><path d='M-36 -90 L0 -122 L36 -90 Z' fill='$dark'/><rect x='-38' y='-16' width='76' "
                ."height='16' fill='$dark'/><path d='M0 -24 C-18 -44 -6 -58 0 -76 C6 -58 18 -44 0 -24 Z' "
                ."fill='#f28f3b'/>",
            'book' => "<path d='M-100 -10 C-70 -34 -30 -34 0 -14 C30 -34 70 -34 100 -10 L100 -84 C70 -104 30 "
                .'-104 0 -86 C-30 -104 '
                ."-70 -104 -100 -84 Z' fill='#efe4c9'/><path d='M0 -14 V-86' stroke='$dark' stroke-width='3'/>"
                ."<path d='M-82 -70 H-18 M-82 -54 H-22 M-82 -38 H-30 M18 -70 H82 M18 -54 H76 M18 -38 H70' "
                ."stroke='$dark' "
                ."stroke-width='3' opacity='.5'/>",
            'house' => "<path d='M-120 0 V-70 L-78 -108 L-36 -70 V0 Z' fill='$dark'/><path d='M-30 0 V-92 L22 "
                ."-136 L74 -92 V0 Z' "
                ."fill='#3c4a4f'/><path d='M80 0 V-60 L112 -92 L144 -60 V0 Z' fill='$dark'/><rect x='-92' "
                ."y='-52' width='22' "
                ."height='26' fill='$light'/><rect x='6' y='-70' width='26' height='32' fill='$light'/>"
                ."<rect x='102' y='-40' width='18' height='20' fill='$light'/>",
            'bird' => "<path d='M-96 -90 C-60 -128 -24 -116 0 -82 C24 -116 60 -128 96 -90 C60 -104 30 -90 8 -58 "
                .'L-8 -58 C-30 -90 '
                ."-60 -104 -96 -90 Z' fill='#f1ead8'/><circle cy='-62' r='12' fill='#f1ead8'/>",
            'whale' => "<path d='M-130 0 C-120 -70 -20 -92 60 -60 C92 -48 112 -22 124 -52 L146 -78 L142 -36 L160 "
                .'-14 L120 -12 C80 8 '
                ."-60 12 -130 0 Z' fill='#22343c'/><path d='M-66 -78 C-74 -112 -92 -116 -104 -104 M-62 -78 C-60 "
                .'-116 -44 '
                ."-122 -32 -110' stroke='#e8efe8' stroke-width='6' fill='none'/><circle cx='-84' cy='-28' r='5' "
                ."fill='#fff'/>",
            'dog' => "<path d='M-66 -62 H34 C44 -96 84 -100 92 -74 L110 -66 L92 -54 L62 -52 L56 0 H42 L36 -36 "
                .'H-34 L-40 0 H-54 L-58 '
                ."-40 L-88 -84 Z' fill='#6b4a33'/><circle cx='76' cy='-72' r='4' fill='#111'/>",
            'person' => "<path d='M-40 0 L-30 -112 C-26 -134 26 -134 30 -112 L40 0 Z' fill='{$dice->pick([
                '#2b3f49', '#7a2f26', '#4b4636',
            ])}'/><circle cy='-152' r='26' fill='#d7a985'/>"
                ."<path d='M-30 -158 C-28 -190 28 -190 30 -158 L38 -152 H-38 Z' "
                ."fill='$dark'/>",
            default => "<ellipse cy='-6' rx='110' ry='34' fill='$dark'/><ellipse cx='60' cy='-2' rx='60' ry='22' "
                ."fill='#3a4549'/>",
        };
    }
}
