<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

/** The targets that there are to choose from: those that ship, and a channel's own. */
final readonly class Targets
{
    public const USUAL = 'upto-60';

    /** @var non-empty-array<string, Target> by id */
    public array $all;

    /** @param  array<array-key, Target>  $own */
    public function __construct(array $own = [])
    {
        $all = [];
        foreach ([...self::shipped(), ...$own] as $target) {
            $all[$target->id] = $target;
        }
        $this->all = $all;
    }

    /**
     * The usual caps of outlets of short videos (common practice, no published source).
     *
     * @return non-empty-list<Target>
     */
    public static function shipped(): array
    {
        return [
            new Target,
            new Target('upto-90', 'Up to 90 s', length: new TargetLength(longestMs: 90_000)),
            new Target('upto-180', 'Up to 3 min', length: new TargetLength(longestMs: 180_000)),
            new Target('over-60', '60 to 90 s', length: new TargetLength(61_000, 90_000)),
            new Target('no-cap', 'Any length', length: new TargetLength(longestMs: null)),
        ];
    }

    /** The one of an id; one that is not there any more is taken for the usual. */
    public function get(string $id): Target
    {
        return $this->all[$id] ?? $this->all[self::USUAL] ?? array_values($this->all)[0];
    }

    /** @return non-empty-array<string, string> by id */
    public function labels(): array
    {
        return array_map(static fn (Target $target): string => $target->label, $this->all);
    }

    /** The id that an operator means by an id, a label or a number of seconds ("60", "90 s", "3 min"). */
    public function named(string $written): ?string
    {
        $plain = trim(mb_strtolower((string) preg_replace('/\s+/u', ' ', $written)));
        foreach ($this->all as $target) {
            if (in_array($plain, [mb_strtolower($target->id), mb_strtolower($target->label)], true)) {
                return $target->id;
            }
        }

        return match (preg_replace('/ ?(?:s|sec|seconds)$/', '', $plain)) {
            '60', 'up to 60' => 'upto-60',
            '90', 'up to 90' => 'upto-90',
            '180', '3 min', 'up to 180' => 'upto-180',
            '60-90', '60–90', '60 to 90', 'over 60' => 'over-60',
            'none', 'no cap', 'any' => 'no-cap',
            default => null,
        };
    }

    /**
     * Those of a list of ids, as a setting has it; what is not there any more is passed over.
     *
     * @return list<Target>
     */
    public function listed(string $ids): array
    {
        return array_values(array_filter(array_map(
            fn (string $id): ?Target => $this->all[trim($id)] ?? null,
            explode(',', $ids),
        )));
    }
}
