<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

use RapidReel\Text\Hook\HookShape;

/** Sentences that begin a sketch, by their shape. All are in the past or with an auxiliary, so that any topic fits. */
final class HookPatterns
{
    public const VARIANTS = 4;

    private const SLOTS = [
        '{who}' => ['nobody', 'no one', 'not one person', 'hardly anybody'],
        '{time}' => ['seven years', 'one long winter', 'a single night', 'half a lifetime'],
        '{people}' => ['a whole town', 'three families', 'every neighbour', 'two old friends'],
        '{count}' => ['three', 'five', 'two', 'seven'],
    ];

    /** @return string the sentence; another one for every variant and place */
    public static function write(HookShape $shape, string $topic, int $pattern, int $variant): string
    {
        $patterns = self::of($shape);
        $slots = array_map(static fn (array $words): string => $words[$variant % self::VARIANTS], self::SLOTS);
        $sentence = strtr($patterns[$pattern % count($patterns)], ['{topic}' => $topic, ...$slots]);

        return mb_strtoupper(mb_substr($sentence, 0, 1)).mb_substr($sentence, 1);
    }

    /** @return non-empty-list<string> */
    public static function of(HookShape $shape): array
    {
        return match ($shape) {
            HookShape::Question => [
                'Why did {people} keep quiet about {topic}?',
                'What did {time} with {topic} really teach {people}?',
                'Who could have warned {people} about {topic}?',
                'How could {topic} change {people} in {time}?',
                'Would you have waited {time} for {topic}?',
                'What would you give for {time} with {topic}?',
            ],
            HookShape::Number => [
                '{count} things about {topic} never added up.',
                'It took {time} and {count} tries to understand {topic}.',
                '{count} people knew the truth about {topic}, and {count} of them stayed silent.',
                '{count} words were enough to explain {topic}.',
                '{topic} cost {people} exactly {count} days.',
                'There were {count} ways to lose {topic}, and {people} found them all.',
            ],
            HookShape::Contrast => [
                '{people} looked for {topic}, but {who} looked close enough.',
                '{topic} seemed harmless, yet {people} kept away for {time}.',
                'It was meant to last {time}, but {topic} outlived them all.',
                '{people} saw luck in {topic}, while others saw a warning.',
                '{topic} made no sound at all, but {people} heard it.',
                '{who} wanted {topic}, yet {people} paid for it.',
            ],
            HookShape::WhatIf => [
                'What if {topic} had cost you {time}?',
                'Imagine {topic}, and {who} there to see it.',
                'What if {people} had told the truth about {topic}?',
                'Suppose you had only {time} with {topic}.',
                'What if {who} had ever found {topic}?',
                'Imagine {people}, and between them {topic}.',
            ],
            HookShape::Dare => [
                'Never turn your back on {topic} for {time}.',
                'Try to explain {topic} to {people} in one breath.',
                'You will never guess what {people} did with {topic}.',
                'Do not go near {topic} before you know what {people} found.',
                'Think of {topic}, and name what {people} missed.',
                'Listen: {who} dared to say this about {topic}.',
            ],
            HookShape::Gap => [
                '{who} ever gave the reason for {topic}.',
                'There was a secret behind {topic}, and {people} kept it.',
                'The truth about {topic} lay hidden for {time}.',
                'Something about {topic} vanished before {people} could ask.',
                'For {time}, {topic} kept a secret from {people}.',
                'This is how {people} came to fear {topic}.',
            ],
            HookShape::Mistake => [
                '{topic} began with a mistake that took {time} to notice.',
                'One wrong turn led {people} straight to {topic}.',
                'Everything about {topic} went wrong, and {people} were glad of it.',
                'The first try failed, and after {time} there was {topic}.',
                '{people} forgot one thing about {topic}, and it saved them.',
                'By accident, {people} found {topic}.',
            ],
        };
    }
}
