<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

/** What a run of script text is: spoken, or kept as a note for the reason given. */
enum RunKind: string
{
    case Spoken = 'spoken';
    case Heading = 'heading';
    case Speaker = 'speaker';
    case Direction = 'direction';
    case Music = 'music';
    case Timing = 'timing';
    case Symbol = 'symbol';
    case Markup = 'markup';
    case Link = 'link';
    case Hashtag = 'hashtag';
    case Furniture = 'furniture';
    case Field = 'field';
    case Picture = 'picture';
    case Remark = 'remark';

    public function isSpoken(): bool
    {
        return $this === self::Spoken;
    }

    /** Marks of Markdown say nothing; there is nothing to bring back in them. */
    public function isNote(): bool
    {
        return $this !== self::Spoken && $this !== self::Markup;
    }

    /** What the operator reads, in the singular. */
    public function label(): string
    {
        return match ($this) {
            self::Spoken => 'spoken',
            self::Heading => 'heading or number',
            self::Speaker => 'speaker label',
            self::Direction => 'stage or camera note',
            self::Music => 'music cue',
            self::Timing => 'timing',
            self::Symbol => 'emoji',
            self::Markup => 'formatting mark',
            self::Link => 'link',
            self::Hashtag => 'hashtag',
            self::Furniture => 'web page furniture',
            self::Field => 'production note',
            self::Picture => 'picture note',
            self::Remark => 'remark about the script',
        };
    }

    /** How many there are, in words ("3 links"). */
    public function count(int $number): string
    {
        return match (true) {
            $this === self::Furniture => "$number ".($number === 1 ? 'line' : 'lines').' of web page furniture',
            $this === self::Remark => "$number ".($number === 1 ? 'remark' : 'remarks').' about the script',
            $number === 1 || $this === self::Symbol => "$number {$this->label()}",
            $this === self::Heading => "$number headings or numbers",
            default => "$number {$this->label()}s",
        };
    }
}
