<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Illustration;

/**
 * Draws what a brief asks for, as far as it knows how: sky and ground in its light, and what it names, from as far as
 * it says. The same brief and seed give the same picture.
 */
final class SceneDrawing
{
    public const WIDTH = 1080;

    public const HEIGHT = 1920;

    /** How large what is named stands, by the view. */
    private const VIEWS = [
        'wide view' => 2.1, 'close' => 4.6, 'detail' => 6.2, 'from behind' => 3.4, 'from below' => 3.8,
        'from above' => 1.7,
    ];

    /** What stands on ground, and not on water. */
    private const ASHORE = ['lighthouse', 'bell', 'lamp', 'book', 'house', 'dog', 'person'];

    public static function svg(string $brief, int $seed): string
    {
        $dice = new Dice("$seed|$brief");
        $colours = Palette::of($brief);
        [$view, $size] = ['', 2.8];
        foreach (self::VIEWS as $name => $scale) {
            if (preg_match('/\b'.preg_quote($name, '/').'\b/iu', $brief) === 1) {
                [$view, $size] = [$name, $scale];

                break;
            }
        }
        $horizon = match ($view) {
            'from below' => $dice->between(1_380, 1_480),
            'from above' => $dice->between(620, 760),
            default => $dice->between(1_020, 1_220),
        };
        $subjects = array_slice(Subjects::in($brief), 0, 2);
        $parts = [
            self::sky($colours, $horizon, $dice),
            self::hills($colours, $horizon, $dice),
            sprintf("<rect y='%.0f' width='1080' height='%.0f' "
                ."fill='%s'/>", $horizon, 1_920 - $horizon, $colours->ground),
            self::waves($colours, $horizon, $dice),
        ];
        foreach ($subjects === [] ? [''] : array_reverse($subjects) as $i => $kind) {
            // What is named first stands in front, near the middle.
            $isFirst = $i === count($subjects) - 1 || $subjects === [];
            $aside = [$dice->between(150, 320), $dice->between(760, 930)];
            $x = $isFirst ? $dice->between(430, 650) : $dice->pick($aside);
            $y = $isFirst ? $horizon + $dice->between(120, 260) : $horizon + $dice->between(10, 60);
            if ($isFirst && in_array($kind, self::ASHORE, true)) {
                $parts[] = sprintf(
                    "<rect y='%.0f' width='1080' height='%.0f' fill='%s'/>",
                    $y - 14,
                    1_934 - $y,
                    $colours->far,
                );
            }
            $parts[] = sprintf(
                "<g transform='translate(%.0f %.0f) scale(%.2f)'>%s</g>",
                $x,
                $y,
                $isFirst ? $size * $dice->between(0.9, 1.1) : $size * 0.45,
                Subjects::draw($kind, $colours, $dice),
            );
        }
        $parts[] = self::front($colours, $dice);

        return "<svg xmlns='http://www.w3.org/2000/svg' width='1080' height='1920' viewBox='0 0 1080 1920'>"
            .implode('', $parts).'</svg>';
    }

    private static function sky(Palette $colours, float $horizon, Dice $dice): string
    {
        [$above, $middle, $below] = $colours->sky;
        $sky = "<defs><linearGradient id='s' x2='0' y2='1'><stop stop-color='$above'/><stop offset='.6' "
            ."stop-color='$middle'/>"
            ."<stop offset='1' stop-color='$below'/></linearGradient></defs>"
            .sprintf("<rect width='1080' height='%.0f' fill='url(#s)'/>", $horizon + 2);
        for ($i = 0; $colours->isNight && $i < 60; $i++) {
            $sky .= sprintf(
                "<circle cx='%.0f' cy='%.0f' r='%.1f' fill='#fff' opacity='.8'/>",
                $dice->between(0, 1_080),
                $dice->between(0, $horizon * 0.8),
                $dice->between(1, 3.4),
            );
        }
        $sky .= sprintf(
            "<circle cx='%.0f' cy='%.0f' r='%.0f' fill='%s' opacity='.9'/>",
            $dice->between(180, 900),
            $horizon - $dice->between(140, 620),
            $dice->between(70, 120),
            $colours->light,
        );
        for ($i = 0; $i < 5; $i++) {
            $sky .= sprintf(
                "<rect x='%.0f' y='%.0f' width='%.0f' height='18' rx='9' fill='%s' opacity='.35'/>",
                $dice->between(-100, 800),
                $dice->between(120, $horizon - 160),
                $dice->between(220, 620),
                $colours->sky[2],
            );
        }

        return $sky;
    }

    private static function hills(Palette $colours, float $horizon, Dice $dice): string
    {
        $path = sprintf('M0 %.0f', $horizon);
        for ($x = 0; $x <= 1_080; $x += 180) {
            $path .= sprintf(' L%d %.0f', $x, $horizon - $dice->between(10, 110));
        }

        return "<path d='$path L1080 ".sprintf('%.0f', $horizon)." Z' fill='{$colours->far}'/>";
    }

    private static function waves(Palette $colours, float $horizon, Dice $dice): string
    {
        $waves = '';
        for ($y = $horizon + 40; $y < 1_900; $y += $dice->between(50, 90)) {
            $path = sprintf('M-40 %.0f', $y);
            for ($x = -40; $x < 1_120; $x += 120) {
                $path .= sprintf(' q60 %.0f 120 0', $dice->between(-24, 24));
            }
            $waves .= "<path d='$path' stroke='{$colours->sky[2]}' stroke-width='4' fill='none' opacity='.3'/>";
        }

        return $waves;
    }

    private static function front(Palette $colours, Dice $dice): string
    {
        $path = 'M0 1920 L0 '.sprintf('%.0f', $dice->between(1_640, 1_760));
        for ($x = 180; $x <= 1_080; $x += 180) {
            $path .= sprintf(' L%d %.0f', $x, $dice->between(1_680, 1_860));
        }

        return "<path d='$path L1080 1920 Z' fill='{$colours->near}'/>";
    }
}
