<?php

declare(strict_types=1);

namespace RapidReel\Demo;

/** A piece of music: chords that go round, a figure played over them, and how both sound. */
final readonly class Piece
{
    /**
     * @param  list<list<int>>  $chords  as MIDI note numbers, lowest first
     * @param  list<int|null>  $figure  a bar of steps: which note of the chord (those past its end lie an octave
     *   higher), or a rest
     * @param  float  $step  seconds
     * @param  list<float>  $figureSound  loudness of the partials of what plays the figure
     * @param  list<float>  $padSound  the same of what holds the chords
     */
    public function __construct(
        public string $name,
        public string $mood,
        public array $chords,
        public array $figure,
        public float $step,
        public float $ring,
        public array $figureSound,
        public float $figureGain,
        public array $padSound,
        public float $padGain,
        public float $bassGain,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return [
            new self(
                'slow-tide',
                'calm',
                [[50, 57, 62, 65], [46, 53, 58, 62], [53, 57, 60, 65], [48, 55, 60, 64]],
                [0, null, 2, null, 3, null, 2, null],
                0.46,
                1.9,
                [1, 0.32, 0.12, 0.05],
                0.16,
                [1, 0.4, 0.16],
                0.05,
                0.12,
            ),
            new self(
                'lantern-waltz',
                'warm',
                [[55, 59, 62, 67], [52, 59, 64, 67], [48, 55, 60, 64], [50, 57, 62, 66]],
                [0, 2, 3, 4, 3, 2],
                0.34,
                1.1,
                [1, 0.5, 0.3, 0.14, 0.08],
                0.15,
                [1, 0.2],
                0.035,
                0.14,
            ),
            new self(
                'rising-gale',
                'tense',
                [[45, 52, 57, 60], [45, 52, 56, 59], [41, 48, 53, 57], [40, 47, 52, 56]],
                [0, 0, 2, 0, 3, 0, 2, 1],
                0.215,
                0.35,
                [1, 0.7, 0.5, 0.34, 0.2],
                0.12,
                [1, 0.55, 0.4, 0.25],
                0.04,
                0.2,
            ),
            new self(
                'signal-lights',
                'bright',
                [[48, 60, 64, 67], [55, 59, 62, 67], [57, 60, 64, 69], [53, 60, 65, 69]],
                [1, 2, 3, 5, 3, 2, 6, 3],
                0.25,
                1.3,
                [1, 0.05, 0.42, 0.04, 0.16],
                0.13,
                [1, 0.25, 0.1],
                0.04,
                0.13,
            ),
            new self(
                'empty-quay',
                'sad',
                [[45, 52, 57, 60], [41, 48, 53, 57], [48, 52, 55, 60], [40, 47, 52, 55]],
                [0, null, null, 2, 1, null, 3, null],
                0.42,
                1.7,
                [1, 0.24, 0.1, 0.03],
                0.15,
                [1, 0.3, 0.1],
                0.05,
                0.1,
            ),
            new self(
                'great-beacon',
                'grand',
                [[43, 50, 55, 59], [48, 55, 60, 64], [50, 57, 62, 66], [52, 55, 59, 64]],
                [0, 0, 3, null, 2, 0, 4, null],
                0.3,
                0.9,
                [1, 0.6, 0.36, 0.22, 0.12],
                0.13,
                [1, 0.5, 0.34, 0.18],
                0.055,
                0.18,
            ),
            new self(
                'galley-kettle',
                'warm',
                [[48, 55, 59, 64], [45, 52, 57, 60], [50, 57, 60, 65], [43, 50, 55, 59]],
                [0, 2, 1, 3, 2, 4, 3, 1],
                0.29,
                0.8,
                [1, 0.36, 0.2, 0.08],
                0.13,
                [1, 0.2, 0.06],
                0.035,
                0.13,
            ),
            new self(
                'black-water',
                'tense',
                [[38, 45, 50, 53], [38, 44, 50, 53], [36, 43, 48, 51], [37, 44, 49, 52]],
                [0, null, 0, 1, 0, null, 2, 0],
                0.26,
                0.4,
                [1, 0.55, 0.42, 0.3, 0.16],
                0.12,
                [1, 0.5, 0.4, 0.2],
                0.045,
                0.19,
            ),
        ];
    }
}
