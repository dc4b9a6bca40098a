<?php

declare(strict_types=1);

namespace RapidReel\Plan\Finding;

/** What can speak against a short leaving as it is. */
enum FindingKind: string
{
    case TooLong = 'too-long';
    case TooShort = 'too-short';
    case HookLate = 'hook-late';
    case Greeting = 'greeting';
    case FaintCaption = 'faint-caption';
    case HastyCaption = 'hasty-caption';
    case OutsideSafe = 'outside-safe';
    case UnderOutlet = 'under-outlet';
    case SubjectOut = 'subject-out';
    case PictureRepeated = 'picture-repeated';
    case WeakMatch = 'weak-match';
    case OddLook = 'odd-look';
    case NoPicture = 'no-picture';
    case DeadAir = 'dead-air';
    case Unchanged = 'unchanged';
    case MusicLoud = 'music-loud';
    case Loudness = 'loudness';
    case NoFace = 'no-face';
    case ForbiddenWord = 'forbidden-word';
    case ToldBefore = 'told-before';
    case TextsLong = 'texts-long';
    case Alignment = 'alignment';
    case StandIn = 'stand-in';
    case SoftPicture = 'soft-picture';
    case BlackFirst = 'black-first';
    case Black = 'black';
    case Frozen = 'frozen';
    case Silent = 'silent';
    case Clipped = 'clipped';

    /** @return list<self> those that are looked for before anything is exported */
    public static function before(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => ! $one->isOfFile()));
    }

    /** Whether it is looked for in the finished file. */
    public function isOfFile(): bool
    {
        return in_array($this, [self::BlackFirst, self::Black, self::Frozen, self::Silent, self::Clipped], true);
    }

    /** In a word or two, for a table. */
    public function label(): string
    {
        return match ($this) {
            self::TooLong => 'too long',
            self::TooShort => 'too short',
            self::HookLate => 'late hook',
            self::Greeting => 'greeting first',
            self::FaintCaption => 'faint caption',
            self::HastyCaption => 'hasty caption',
            self::OutsideSafe => 'outside the safe area',
            self::UnderOutlet => 'under what the outlet draws',
            self::SubjectOut => 'subject out of the window',
            self::PictureRepeated => 'picture repeated',
            self::WeakMatch => 'weak match',
            self::OddLook => 'odd colours',
            self::NoPicture => 'no picture',
            self::DeadAir => 'dead air',
            self::Unchanged => 'nothing changes',
            self::MusicLoud => 'music over the voice',
            self::Loudness => 'loudness',
            self::NoFace => 'characters no typeface has',
            self::ForbiddenWord => 'forbidden word',
            self::ToldBefore => 'told before',
            self::TextsLong => 'title or tags too long',
            self::Alignment => 'word times in doubt',
            self::StandIn => 'stand-in picture',
            self::SoftPicture => 'too few pixels',
            self::BlackFirst => 'black at first',
            self::Black => 'black in between',
            self::Frozen => 'picture frozen',
            self::Silent => 'silent',
            self::Clipped => 'sound clipped',
        };
    }

    /** What it looks for, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::TooLong => 'Longer than the tightest of its targets takes.',
            self::TooShort => 'Shorter than one of its targets asks for.',
            self::HookLate => 'The hook is said later than viewers wait.',
            self::Greeting => 'A greeting or announcement comes before the hook.',
            self::FaintCaption => 'A caption stands out too little from its picture.',
            self::HastyCaption => 'A caption asks for more letters or words a second than most can read.',
            self::OutsideSafe => 'A card or caption reaches out of the safe area of the target.',
            self::UnderOutlet => 'What a picture is about lies under what the outlet draws.',
            self::SubjectOut => 'What a picture is about is outside its window.',
            self::PictureRepeated => 'A picture was shown before in the same short.',
            self::WeakMatch => 'A picture fits its words only from afar.',
            self::OddLook => 'The colours of a picture are unlike those of the rest.',
            self::NoPicture => 'No picture at hand fits what is said.',
            self::DeadAir => 'A pause in which nothing is said.',
            self::Unchanged => 'For a second or more neither picture nor caption changes.',
            self::MusicLoud => 'Music is too near to the voice for that to stay clear.',
            self::Loudness => 'As loud as a target asks for it cannot be made, or its peaks are too high.',
            self::NoFace => 'No typeface here has the characters of a word.',
            self::ForbiddenWord => 'A word that this channel does not say.',
            self::ToldBefore => 'Nearly the same as an earlier short of the channel.',
            self::TextsLong => 'Title or tags are longer than a target takes.',
            self::Alignment => 'Where words of a recording begin is not sure.',
            self::StandIn => 'A picture by a stand-in is still in it.',
            self::SoftPicture => 'Footage is so much smaller than the frame that it looks soft.',
            self::BlackFirst => 'The first picture of the finished file is black.',
            self::Black => 'The picture of the finished file is black for a while.',
            self::Frozen => 'The picture of the finished file stands still for a while.',
            self::Silent => 'Nothing is heard in the finished file for a while.',
            self::Clipped => 'The sound of the finished file is clipped.',
        };
    }

    /** Whether it stops a short unless something else is set. */
    public function usual(): Severity
    {
        return match ($this) {
            self::TooLong, self::NoFace, self::ForbiddenWord, self::BlackFirst, self::Clipped => Severity::Stops,
            default => Severity::Warns,
        };
    }
}
