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
        public ?int $limit,
        public CutSummary $summary,
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

        $longest = $summary->limits->length->longestMs;

        return new self(
            $paths,
            implode(
                '',
                array_map(
                    static fn (int $at): string => sprintf('M%d 11V17', $axis->at($at + $later)),
                    $summary->changesMs,
                ),
            ),
            $axis->at($summary->limits->length->hookWindowMs),
            $longest === null ? null : $axis->at($longest),
            $summary,
        );
    }

    public function seconds(): string
    {
        return number_format($this->summary->wholeMs() / 1000, 1);
    }

    public function hookSeconds(): string
    {
        return number_format($this->summary->hookOutMs() / 1000, 1);
    }

    /** Seconds that the hook has. */
    public function windowSeconds(): string
    {
        return (string) ($this->summary->limits->length->hookWindowMs / 1000);
    }

    /** How long all of it may take, behind its seconds. */
    public function room(): string
    {
        $longest = $this->summary->limits->length->longestMs;

        return $longest === null ? 's of any length' : sprintf('of %d s', intdiv($longest, 1000));
    }

    public function isOver(): bool
    {
        return $this->summary->isOver();
    }

    public function isHookLate(): bool
    {
        return $this->summary->isHookLate();
    }

    /** "≈ " where its times are estimated. */
    public function about(): string
    {
        return $this->summary->isEstimated() ? '≈ ' : '';
    }
}
