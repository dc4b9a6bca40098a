<?php

declare(strict_types=1);

namespace RapidReel\Text\Script;

/** Where a note stands among scenes. Splitting loses no character but white space, so places are counted without it. */
final class NotePlace
{
    /** Characters of a text but white space */
    public static function inked(string $text): int
    {
        return mb_strlen((string) preg_replace('/\s+/u', '', $text));
    }

    /**
     * @param  non-empty-array<int, Scene>  $scenes  numbered from 0
     * @return array{int, int} scene and offset in it after so many characters
     */
    public static function after(int $characters, array $scenes): array
    {
        foreach ($scenes as $number => $scene) {
            $length = self::inked($scene->text);
            if ($characters < $length) {
                preg_match('/^(?:\s*\S){'.$characters.'}\s*/u', $scene->text, $match);

                return [$number, mb_strlen($match[0] ?? '')];
            }
            $characters -= $length;
        }
        $last = max(array_keys($scenes));

        return [$last, mb_strlen($scenes[$last]->text)];
    }

    /**
     * The same, but between two scenes at the end of the first.
     *
     * @param  non-empty-array<int, Scene>  $scenes  numbered from 0
     * @return array{int, int}
     */
    public static function behind(int $characters, array $scenes): array
    {
        [$scene, $offset] = self::after($characters, $scenes);

        return $offset === 0 && $scene > 0 ? [$scene - 1, mb_strlen($scenes[$scene - 1]->text)] : [$scene, $offset];
    }
}
