<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** A house style to begin from: what of it is not as everywhere. */
enum StarterStyle: string
{
    case Tale = 'tale';
    case Facts = 'facts';
    case Night = 'night';

    public function label(): string
    {
        return match ($this) {
            self::Tale => 'Fireside tale',
            self::Facts => 'Quick facts',
            self::Night => 'Night watch',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Tale => 'Warm pictures that dissolve, bookish captions, quiet music, a steady voice.',
            self::Facts => 'A new picture every two seconds, one large word at a time, bright music, crisp colours.',
            self::Night => 'Cold pictures, captions that glow, a dip to black between scenes, tense music.',
        };
    }

    /** @return non-empty-array<string, string> as they are written, by key */
    public function settings(): array
    {
        return match ($this) {
            self::Tale => [
                'look' => 'lamplight', 'caption_style' => 'story', 'transition' => 'dissolve', 'speed' => '95',
                'motion' => 'turns', 'mood' => 'calm', 'title_card' => '2.5 s',
            ],
            self::Facts => [
                'look' => 'clear', 'caption_style' => 'one-word', 'cadence' => '2 s', 'speed' => '110',
                'motion' => 'push', 'mood' => 'bright', 'progress' => 'bottom', 'effect_change' => 'whoosh',
            ],
            self::Night => [
                'look' => 'cold-water', 'caption_style' => 'glowing', 'transition' => 'dip', 'mood' => 'tense',
                'motion' => 'pull', 'music_level' => '14',
            ],
        };
    }
}
