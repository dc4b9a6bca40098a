<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use RapidReel\Plan\Cut\CutSummary;

/** A cut drawn to scale on an axis of seconds: a path for each kind of scene, 1000 wide and 20 high. */
final readonly class CutStrip
{
    /**
     * @param  array<string, string>  $scenes  path by class
     * @param  string  $cuts  path of where pictures change inside scenes
     */
    private function __construct(
        public array $scenes,
        public string $cuts,
        public int $hookWindow,
        public int $limit,
        public string $seconds,
        public string $hookSeconds,
        public string $limitSeconds,
        public bool $over,
        public bool $hookLate,
        public bool $estimated,
    ) {
    }

    public static function of(CutSummary $summary, Axis $axis): self
    {
        $paths = [];
        [$later] = $summary->times->introOutro;
        $add = static function (string $class, int $start, int $end) use (&$paths, $axis): void {
            $paths[$class] =
                ($paths[$class] ?? '').
                sprintf('M%d 3H%dV17H%dZ', $axis->at($start), $axis->at($end), $axis->at($start));
        };
        foreach ($summary->scenes as $i => [$start, $end, $role]) {
            $add($role.($i % 2 === 1 ? ' is-odd' : ''), $start + $later, $end + $later);
        }
        if ($later > 0) {
            $add('edge', 0, $later);
        }
        if ($summary->times->introOutro[1] > 0) {
            $add('edge', $summary->wholeMs() - $summary->times->introOutro[1], $summary->wholeMs());
        }

        return new self(
            $paths,
            implode(
                '',
                array_map(
                    static fn (int $at): string => sprintf('M%d 11V17', $axis->at($at + $later)),
                    $summary->changesMs,
                ),
            ),
            $axis->at($summary->profile->hookWindowMs()),
            $axis->at($summary->profile->longestMs()),
            number_format($summary->wholeMs() / 1000, 1),
            number_format($summary->hookOutMs() / 1000, 1),
            (string) intdiv($summary->profile->longestMs(), 1000),
            $summary->isOver(),
            $summary->isHookLate(),
            $summary->isEstimated(),
        );
    }
}
