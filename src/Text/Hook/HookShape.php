<?php

declare(strict_types=1);

namespace RapidReel\Text\Hook;

/** What makes first words hold a viewer (common practice, no published source). */
enum HookShape: string
{
    case Question = 'question';
    case Number = 'number';
    case Contrast = 'contrast';
    case WhatIf = 'what-if';
    case Dare = 'dare';
    case Gap = 'gap';
    case Mistake = 'mistake';

    public function label(): string
    {
        return match ($this) {
            self::Question => 'Question',
            self::Number => 'Number',
            self::Contrast => 'Contrast',
            self::WhatIf => 'What if',
            self::Dare => 'Dare',
            self::Gap => 'Open gap',
            self::Mistake => 'Mistake that turned out well',
        };
    }

    /** What it does to a viewer, as a finding. */
    public function says(): string
    {
        return match ($this) {
            self::Question => 'It asks, so the viewer waits for the answer.',
            self::Number => 'It counts: a number promises something definite.',
            self::Contrast => 'It sets one thing against another.',
            self::WhatIf => 'It puts the viewer into “what if”.',
            self::Dare => 'It dares the viewer.',
            self::Gap => 'It leaves a gap that only the rest can close.',
            self::Mistake => 'It begins with something that went wrong.',
        };
    }

    /** @return list<self> */
    public static function in(string $hook): array
    {
        return array_values(
            array_filter(self::cases(), static fn (self $shape): bool => preg_match($shape->pattern(), $hook) === 1),
        );
    }

    private function pattern(): string
    {
        return match ($this) {
            self::Question => '/[?؟？]|^(?:who|what|why|how|where|when|which|would|could|did|do|does|is|are|have|can'
                .'|should)\b[^.!]*$/iu',
            self::Number => '/\d|\b(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fifteen'
                .'|twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety|hundred|thousand|million|billion|half|twice'
                .'|dozen)\b/iu',
            self::Contrast => '/\b(?:but|yet|instead|although|though|unlike|except|while|whereas|never|not a single'
                .'|more \w+(?: \w+)* than|no longer|still|even though|rather than|(?:best|worst) .* (?:worst|best)'
                .'|for nobody|no \w+ at all|wrong .* right|right .* wrong|too late|too early)\b/iu',
            self::WhatIf => '/\b(?:what if|imagine|suppose|picture this)\b/iu',
            self::Dare => '/^(?:do not|don\'t|don’t|never|stop|try|bet|dare|guess|find|count|watch|look|listen|forget'
                .'|think|name|tell)\b|\b(?:you (?:can(?:not|\'t|’t)|won\'t|won’t|will never|wouldn\'t|wouldn’t|are '
                .'wrong)|i (?:bet|dare)|bet you)\b/iu',
            self::Gap => '/\b(?:nobody (?:knew|knows|understood|noticed|told|answered|asked|saw|came)|no one (?:knew'
                .'|knows|understood|noticed|told|saw)|secret|mystery|reason|the truth|hidden|vanish\w*|disappear\w*'
                .'|until|before anyone|this is (?:why|how)|here is (?:why|how)|here\'s (?:why|how)|what happened|one '
                .'thing|impossible|strange\w*|never (?:told|found|explained|answered)|the day|swore|lied|lost)\b/iu',
            self::Mistake => '/\b(?:mistake|wrong|failed|failure|error|broke|lost everything|ruined|accident(?:ally)?'
                .'|by chance|fired|bankrupt|disaster|forgot|blunder)\b/iu',
        };
    }
}
