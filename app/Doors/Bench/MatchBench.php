<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\FootageWords;
use RapidReel\Pictures\Footage\Matching\FootageMatcher;
use RapidReel\Pictures\Footage\ShotNeed;

/** How long it takes to give a hundred scenes their pictures out of a library of thousands. */
final class MatchBench
{
    private const SCENES = 100;

    private const PIECES = 5_000;

    private const TAGS = 10;

    private const SEED = 12;

    private const SAID = 'the keeper of the harbour lamp saw a boat with nine men come through fog past the reef while '
        .'a bell rang on the old pier and the captain wrote one line about storm wind and a letter from the island '
        .'in his logbook';

    /** @return list<BenchRow> */
    public static function rows(): array
    {
        mt_srand(self::SEED);
        $words = explode(' ', self::SAID);
        $others = array_map(static fn (int $i): string => 'word'.base_convert((string) $i, 10, 26), range(1, 600));
        $any = static fn (array $from): string => (string) $from[mt_rand(0, count($from) - 1)];
        $library = [];
        for ($i = 0; $i < self::PIECES; $i++) {
            $tags = [];
            while (count($tags) < self::TAGS) {
                $tags[] = $any(mt_rand(0, 2) === 0 ? $words : $others);
            }
            $library[] = new Footage(
                "piece-$i",
                $i % 2 === 0 ? FootageKind::Still : FootageKind::Clip,
                "print-$i",
                $i % 3 === 0 ? 1080 : 1920,
                $i % 3 === 0 ? 1920 : 1080,
                $i % 2 === 0 ? 0 : 5_000,
                new FootageWords($tags, implode(' ', array_slice($tags, 0, 3))),
            );
        }
        $needs = [];
        for ($i = 0; $i < self::SCENES; $i++) {
            $said = implode(' ', array_map(static fn (): string => $any($words), range(1, 9)));
            $needs[] = new ShotNeed($said, $said, 2_000);
        }
        $start = microtime(true);
        (new FootageMatcher('en', 'lamp'))->match($needs, $library);

        return [BenchRow::within(
            self::SCENES.' scenes matched with '.self::PIECES.' pieces of footage',
            microtime(true) - $start,
            2,
            Unit::Loop,
        )];
    }
}
