<?php

declare(strict_types=1);

namespace RapidReel\Pictures\Footage;

use InvalidArgumentException;

/**
 * A clip or a still of the library: its size in pixels as shown, its length (0 for a still), and words for what it
 * shows.
 */
final readonly class Footage
{
    /** Tags of what is chosen by hand alone: it stands behind subjects, or before and after shorts. */
    public const BY_HAND = ['behind', 'opening', 'ending'];

    /**
     * @param  string  $id  names it in a cut
     * @param  string  $fingerprint  changes when a pixel of it changes
     */
    public function __construct(
        public string $id,
        public FootageKind $kind,
        public string $fingerprint,
        public int $width,
        public int $height,
        public int $durationMs,
        public FootageWords $words = new FootageWords,
    ) {
        if ($id === '' || $width < 2 || $height < 2 || $durationMs < 0) {
            throw new InvalidArgumentException('Footage needs a name and a size.');
        }
    }

    /** Whether it is never found for words. */
    public function isByHand(): bool
    {
        return self::handTags($this->words->tags) !== [];
    }

    /**
     * Those of some tags for which footage is chosen by hand alone.
     *
     * @param  list<string>  $tags
     * @return array<int, string>
     */
    public static function handTags(array $tags): array
    {
        return array_intersect(array_map(mb_strtolower(...), $tags), self::BY_HAND);
    }
}
