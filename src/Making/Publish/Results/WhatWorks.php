<?php

declare(strict_types=1);

namespace RapidReel\Making\Publish\Results;

/** Which hooks, lengths, voices… of a channel are watched more than others. */
final readonly class WhatWorks
{
    /** Of what few have nothing is told apart from chance; it is drawn nearer to the whole by as many usual ones. */
    private const DRAWN_NEARER = 5;

    /** Natural logarithm of 1.4826 median absolute deviations is one deviation of a normal distribution. */
    private const OF_MAD = 1.4826;

    /** Views of shorts of one channel differ at least so much by chance (common practice, no published source). */
    private const LEAST_NOISE = 0.25;

    /** @param  list<Seen>  $seen */
    public function __construct(public array $seen)
    {
    }

    /** @return Spread|null null where nothing was posted */
    public function all(): ?Spread
    {
        $views = $this->views();

        return $views === [] ? null : Spread::of($views);
    }

    /** @return list<int> sorted */
    private function views(): array
    {
        $views = array_map(static fn (Seen $one): int => $one->views, $this->seen);
        sort($views);

        return $views;
    }

    /** Of all of them, without the interval around it, for which is drawn thousands of times. */
    private function median(): float
    {
        $views = $this->views();

        return $views === [] ? 0.0 : Spread::quantileOf($views, 0.5);
    }

    /** @return list<Group> the best first, those with too few last */
    public function by(Factor $factor): array
    {
        $all = $this->median();
        $groups = [];
        foreach ($this->seen as $one) {
            foreach ($one->traits[$factor->value] ?? [] as $name) {
                $groups[$name][] = $one->views;
            }
        }
        $groups = array_map(
            static fn (string $name, array $views): Group => new Group($name, Spread::of($views), $all),
            array_map(strval(...), array_keys($groups)), array_values($groups),
        );
        usort($groups, static fn (Group $one, Group $other): int => [
            $one->spread->isFew(), -$one->spread->median, $one->name,
        ] <=> [$other->spread->isFew(), -$other->spread->median, $other->name]);

        return $groups;
    }

    /**
     * Variants of one script side by side.
     *
     * @return list<Variants>
     */
    public function variants(): array
    {
        $families = [];
        foreach ($this->seen as $one) {
            if ($one->variantOf !== null) {
                $families[$one->variantOf][] = $one;
            }
        }

        $noise = $this->noise();

        return array_values(array_map(
            static fn (array $family): Variants => new Variants($family, $noise),
            array_filter($families, static fn (array $family): bool => count($family) > 1),
        ));
    }

    /**
     * How much is to be expected of a short with these traits, as a multiple of the usual: what each trait did so
     * far, drawn nearer to the usual the fewer there were.
     *
     * @param  array<string, list<string>>  $traits
     */
    public function expected(array $traits): float
    {
        $median = $this->median();
        if ($median <= 0) {
            return 1.0;
        }
        $usual = log(1 + $median);
        $sum = 0.0;
        foreach ($traits as $factor => $names) {
            $logs = [];
            foreach ($this->seen as $one) {
                if (array_intersect($names, $one->traits[$factor] ?? []) !== []) {
                    $logs[] = log(1 + $one->views);
                }
            }
            if ($logs !== [] && count($logs) < count($this->seen)) {
                sort($logs);
                $sum += (Spread::quantileOf($logs, 0.5) - $usual) * count($logs)
                    / (count($logs) + self::DRAWN_NEARER);
            }
        }

        return exp($sum);
    }

    /** By how much views differ from short to short by chance: one deviation of their natural logarithms. */
    public function noise(): float
    {
        if (count($this->seen) < Spread::LEAST) {
            return 1.0;
        }
        $logs = array_map(static fn (Seen $one): float => log(1 + $one->views), $this->seen);
        sort($logs);
        $median = Spread::quantileOf($logs, 0.5);
        $off = array_map(static fn (float $log): float => abs($log - $median), $logs);
        sort($off);

        return max(self::LEAST_NOISE, self::OF_MAD * Spread::quantileOf($off, 0.5));
    }
}
