<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\House;

use App\Shelves\Models\Logo;
use RapidReel\Base\Colour\LogoColours;

/** A logo with the colours that it is made of, and how clear they stand on each other. */
final readonly class LogoCard
{
    /** Large letters are clear from this on (WCAG 2.1, success criterion 1.4.3). */
    private const CLEAR = 3.0;

    /** @param  list<array{colour: string, on: string, contrast: float, clear: bool}>  $pairs  the clearest first */
    private function __construct(
        public Logo $logo,
        public array $pairs,
    ) {
    }

    public static function of(Logo $logo): self
    {
        $pairs = [];
        foreach ($logo->colours as $i => $colour) {
            foreach ([...array_slice($logo->colours, $i + 1), 'FFFFFF', '000000'] as $on) {
                if ($on !== $colour) {
                    $contrast = LogoColours::contrast($colour, $on);
                    $pairs[] = [
                        'colour' => $colour, 'on' => $on, 'contrast' => round($contrast, 1),
                        'clear' => $contrast >= self::CLEAR,
                    ];
                }
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $b['contrast'] <=> $a['contrast']);

        return new self($logo, array_slice($pairs, 0, 6));
    }
}
