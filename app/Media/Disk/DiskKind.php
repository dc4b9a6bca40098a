<?php

declare(strict_types=1);

namespace App\Media\Disk;

/** What fills the media disk, as operators know it. */
enum DiskKind: string
{
    case Finished = 'finished';
    case Footage = 'footage';
    case Recordings = 'recordings';
    case House = 'house';
    case Takes = 'takes';
    case Segments = 'segments';
    case Previews = 'previews';
    case Mixes = 'mixes';
    case Forms = 'forms';
    case Drawn = 'drawn';
    case Fetched = 'fetched';
    case Found = 'found';
    case Passing = 'passing';

    /** Rooms of the media disk. Of what stands in two under two names, the first has it. */
    private const ROOMS = [
        'exports' => self::Finished, 'videos' => self::Finished, 'library' => self::Footage,
        'thumbnails' => self::Footage, 'recordings' => self::Recordings, 'takes' => self::Takes,
        'segments' => self::Segments, 'mixes' => self::Mixes, 'beds' => self::Mixes, 'sources' => self::Forms,
        'originals' => self::Forms, 'said' => self::Drawn, 'references' => self::Drawn, 'cards' => self::Drawn,
        'looks' => self::Drawn, 'posters' => self::Drawn, 'fetched' => self::Fetched, 'interest' => self::Found,
        'grounds' => self::Found, 'heard' => self::Found, 'keys' => self::Found, 'rates' => self::Found,
        'samples' => self::Found, 'voices' => self::Found, 'decoded' => self::Found, 'arriving' => self::Passing,
        'failed' => self::Passing, 'measured' => self::Passing, 'uploads' => self::Passing, 'work' => self::Passing,
    ];

    private const PREVIEWS = 'proofs';

    /** Other names for finished files that are saved, and what is made again as soon as it is wanted. */
    private const NOT_SAVED = ['videos'];

    /** Of a room; what is brought and has none of these is of the house style. */
    public static function of(string $room): self
    {
        return self::ROOMS[$room] ?? (str_starts_with($room, self::PREVIEWS) ? self::Previews : self::House);
    }

    /** Whether what stands in a room is lost with it: a backup has it. */
    public static function isSaved(string $room): bool
    {
        return $room === 'sources' || ! in_array($room, self::NOT_SAVED, true) && match (self::of($room)) {
            self::Finished, self::Footage, self::Recordings, self::House, self::Takes => true,
            default => false,
        };
    }

    /**
     * The order in which rooms are gone through.
     *
     * @param  list<string>  $there
     * @return list<string>
     */
    public static function inOrder(array $there): array
    {
        $known = array_keys(self::ROOMS);

        return [...array_values(array_intersect($known, $there)), ...array_values(array_diff($there, $known))];
    }

    public function label(): string
    {
        return match ($this) {
            self::Finished => 'Finished files',
            self::Footage => 'Footage, music and effects',
            self::Recordings => 'Recordings',
            self::House => 'Typefaces, colour tables, house styles',
            self::Takes => 'Spoken takes',
            self::Segments => 'Shots made on the way',
            self::Previews => 'Previews',
            self::Mixes => 'Sound made on the way',
            self::Forms => 'Footage in the form that renderers read',
            self::Drawn => 'Cards, pictures of choices, sentences heard',
            self::Fetched => 'Finished files fetched from the other disk',
            self::Found => 'What was found out about footage and voices',
            self::Passing => 'On its way: uploads, work, failures',
        };
    }

    /** What it costs to be without it. */
    public function cost(): string
    {
        return match ($this) {
            self::Finished => 'Gone, they have to be exported again.',
            self::Footage, self::Recordings, self::House => 'Brought by people: save it.',
            self::Takes => 'Spoken again, perhaps a little otherwise.',
            self::Segments => 'Rendered again when a short is exported.',
            self::Previews => 'Made again when somebody looks.',
            self::Mixes => 'Mixed again, in seconds.',
            self::Forms => 'Brought to that form again, once a clip.',
            self::Drawn => 'Drawn again at once.',
            self::Fetched => 'Fetched again when somebody downloads them.',
            self::Found => 'Looked for again; samples are spoken by bin/setup.',
            self::Passing => 'Goes by itself.',
        };
    }

    /**
     * How dear it is to make again, against how much room it takes: it is kept so many times longer than what is made
     * again at once. Null where the budget leaves it alone.
     */
    public function worth(): ?int
    {
        return match ($this) {
            self::Fetched, self::Drawn => 1,
            self::Mixes, self::Forms => 2,
            self::Previews => 4,
            self::Segments => 8,
            default => null,
        };
    }
}
