<?php

declare(strict_types=1);

namespace RapidReel\Plan\Brief;

use IntlChar;

/**
 * Files that come back for briefs, by the numbers in their names: "03", "03a" and "03 b" are for the third shot, the
 * latter two to choose from.
 */
final readonly class NumberedFiles
{
    /** What services give for one brief. */
    private const EACH = 4;

    /**
     * @param  array<int, list<string>>  $candidates  names by number of the shot, from 1, in order
     * @param  list<int>  $missing  numbers of shots that none came for
     * @param  list<string>  $left  names that are for none
     */
    private function __construct(
        public array $candidates,
        public array $missing,
        public array $left,
    ) {
    }

    /**
     * @param  list<string>  $names  of files
     * @param  int  $shots  that there are
     */
    public static function of(array $names, int $shots): self
    {
        $numbered = $left = [];
        foreach ($names as $name) {
            $read = self::read($name);
            if ($read === null) {
                $left[] = $name;
            } else {
                $numbered[] = [...$read, $name];
            }
        }
        usort($numbered, static fn (array $one, array $other): int => [$one[0], $one[1], $one[2]] <=> [
            $other[0], $other[1], $other[2],
        ]);
        // All counted through, four for each brief.
        $numbers = array_column($numbered, 0);
        $isByFours = $shots > 1 && $numbers === range(1, self::EACH * $shots);
        $candidates = [];
        foreach ($numbered as [$number, , $name]) {
            $shot = $isByFours ? intdiv($number - 1, self::EACH) + 1 : $number;
            if ($shot < 1 || $shot > $shots) {
                $left[] = $name;
            } else {
                $candidates[$shot][] = $name;
            }
        }
        ksort($candidates);

        return new self(
            $candidates,
            $shots < 1 ? [] : array_values(array_diff(range(1, $shots), array_keys($candidates))),
            // As they came.
            array_values(array_intersect($names, $left)),
        );
    }

    /** @return array{int, string}|null the number and which of several it is */
    private static function read(string $name): ?array
    {
        $file = trim(basename(str_replace('\\', '/', $name)));
        $bare = mb_strtolower((string) preg_replace('/\.\p{L}\w{1,4}$/u', '', $file));
        // Numbers of any script: ٠٣ is 03.
        $bare = (string) preg_replace_callback(
            '/\p{Nd}/u',
            static fn (array $digit): string => (string) IntlChar::charDigitValue($digit[0]),
            $bare,
        );
        if (preg_match('/^\D*?(\d{1,4})(?!\d)[\s_.(-]*([a-z](?![a-z])|\d{1,2}(?!\d))?/u', $bare, $parts) !== 1) {
            return null;
        }

        return [(int) $parts[1], $parts[2] ?? ''];
    }
}
