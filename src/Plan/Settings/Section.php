<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings;

/** What a setting is of. Wherever settings are set they stand by these, in this order. */
enum Section: string
{
    case Voice = 'voice';
    case Words = 'words';
    case Pace = 'pace';
    case Pictures = 'pictures';
    case Framing = 'framing';
    case Captions = 'captions';
    case Sound = 'sound';
    case Look = 'look';
    case Logo = 'logo';
    case Cards = 'cards';
    case Edges = 'edges';
    case Files = 'files';
    case Posts = 'posts';

    public function label(): string
    {
        return match ($this) {
            self::Voice => 'Voice',
            self::Words => 'Words',
            self::Pace => 'Pace',
            self::Pictures => 'Pictures',
            self::Framing => 'Framing',
            self::Captions => 'Captions',
            self::Sound => 'Sound',
            self::Look => 'Look',
            self::Logo => 'Logo',
            self::Cards => 'Cards',
            self::Edges => 'Intro and outro',
            self::Files => 'Targets and files',
            self::Posts => 'Posts',
        };
    }

    /** One sentence on what is set here. */
    public function says(): string
    {
        return match ($this) {
            self::Voice => 'Who speaks, how fast, and where it pauses.',
            self::Words => 'How a script becomes scenes, and what is never said.',
            self::Pace => 'How often pictures change, how a short ends, and how far it may be shortened.',
            self::Pictures => 'How one picture follows another, and what is done with clips and plain backgrounds.',
            self::Framing => 'What of a picture is seen in the frame, and how it moves.',
            self::Captions => 'The words on the picture.',
            self::Sound => 'Music, effects, and what is heard of clips.',
            self::Look => 'Colour and light of the pictures.',
            self::Logo => 'It stands in the safe area, never under captions.',
            self::Cards => 'The title over the hook, a call at the close, and a line that shows how far it has gone.',
            self::Edges => 'A clip or a card before every short, or after it. Both count in its length.',
            self::Files => 'What shorts are made for, and what their files are called.',
            self::Posts => 'When posts leave, and the text beside them.',
        };
    }

    /** A setting that stands first, on the intake too. */
    public function first(string $words = ''): Place
    {
        return new Place($this, Standing::First, $words);
    }

    /** @param  string  $words  by which it is found too, beside those of its label */
    public function common(string $words = ''): Place
    {
        return new Place($this, Standing::Common, $words);
    }

    /** One that few need: it is folded away until it is looked for. */
    public function rare(string $words = ''): Place
    {
        return new Place($this, Standing::Rare, $words);
    }

    /** One that is set on a page of its own alone. */
    public function apart(): Place
    {
        return new Place($this, Standing::Apart, '');
    }
}
