<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Target\Limits;
use RapidReel\Base\Typeface\TypefaceSet;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Pictures\Footage\Matching\ShotMatch;
use RapidReel\Pictures\Footage\ShotNeed;

/** What a cut is flagged for, out of its times, pictures and captions. */
final readonly class CutFlags
{
    public function __construct(
        private Limits $limits,
        private TypefaceSet $faces,
    ) {
    }

    /**
     * What is said over shots that no picture fits; what an operator chose fits.
     *
     * @param  list<ShotNeed>  $needs
     * @param  list<ShotMatch>  $pictures
     * @return list<string>
     */
    public static function unmatched(array $needs, array $pictures): array
    {
        $said = [];
        foreach ($pictures as $i => $match) {
            if (! $match->isGood() && ! $needs[$i]->isLocked) {
                $said[] = $needs[$i]->text;
            }
        }

        return $said;
    }

    /**
     * @param  list<ShotMatch>  $pictures
     * @param  list<string>  $words
     * @param  list<Cue>  $cues
     * @param  list<string>  $unmatched  what is said over shots that no picture fits
     * @param  int  $odd  pictures whose colours are unlike those of the rest
     * @param  int  $unkeyed  pictures whose plain ground was to be taken away and that have none
     * @return list<Flag>
     */
    public function of(
        int $duration,
        int $hookMs,
        array $pictures,
        array $words,
        array $cues = [],
        array $unmatched = [],
        int $odd = 0,
        int $unkeyed = 0,
    ): array {
        $flags = [];
        $limits = $this->limits;
        [$shortest, $longest, $hook] = array_map(
            static fn (string $whose): string => $whose === '' ? '' : " of “{$whose}”",
            $limits->whose,
        );
        if ($limits->isHookLate($hookMs)) {
            $flags[] = new Flag(
                FlagCode::HookLate,
                sprintf(
                    'The hook takes %.1f s to say; viewers%s give it %.1f s.',
                    $hookMs / 1000, $hook, $limits->length->hookWindowMs / 1000,
                ),
            );
        }
        if ($limits->over($duration) > 0) {
            $flags[] = new Flag(
                FlagCode::TooLong,
                sprintf(
                    '%.1f s over the limit%s of %d s.', $limits->over($duration) / 1000, $longest,
                    intdiv($limits->length->longestMs ?? 0, 1000),
                ),
            );
        }
        if ($limits->under($duration) > 0) {
            $flags[] = new Flag(
                FlagCode::TooShort,
                sprintf(
                    '%.1f s short of the %d s that %s asks for.',
                    $limits->under($duration) / 1000, intdiv($limits->length->shortestMs, 1000),
                    $shortest === '' ? 'the target' : mb_substr($shortest, 4),
                ),
            );
        }
        $repeats =
            count($pictures) -
            count(array_unique(array_map(static fn (ShotMatch $match): string => $match->footage->id, $pictures)));
        if ($repeats > 0) {
            $flags[] = new Flag(
                FlagCode::FootageRepeats,
                sprintf('%d of %d pictures stand twice: nothing else here fits as well.', $repeats, count($pictures)),
            );
        }
        if ($unmatched !== []) {
            $flags[] = new Flag(
                FlagCode::NoMatch,
                sprintf(
                    'No picture here fits what is said over %s: “%s”.',
                    count($unmatched) === 1 ? 'one shot' : count($unmatched).' shots',
                    implode('”, “', array_map(
                        static fn (string $said): string => mb_strimwidth($said, 0, 40, '…'),
                        array_slice($unmatched, 0, 3),
                    )),
                ),
            );
        }
        if ($odd > 0) {
            $flags[] = new Flag(
                FlagCode::OddLook,
                $odd === 1
                    ? 'One picture has other colours than the rest.'
                    : "$odd pictures have other colours than the rest.",
            );
        }
        if ($unkeyed > 0) {
            $flags[] = new Flag(
                FlagCode::NoGround,
                ($unkeyed === 1 ? 'One picture has' : "$unkeyed pictures have")
                    .' no plain background that could be removed; shown as it is. Say its colour, if there is one.',
            );
        }
        $strange = array_filter($words, fn (string $word): bool => ! $this->faces->has($word));
        if ($strange !== []) {
            $flags[] = new Flag(
                FlagCode::NoFace,
                sprintf(
                    'No face here has all characters of “%s”; captions write it in Latin letters.',
                    implode('”, “', array_slice(array_values($strange), 0, 3)),
                ),
            );
        }
        $tight = array_filter($cues, static fn (Cue $cue): bool => $cue->setting->isTight);
        if ($tight !== []) {
            $flags[] = new Flag(
                FlagCode::CaptionTight,
                sprintf(
                    'Captions smaller than their style allows, as they would not fit: “%s”.',
                    implode('”, “', array_map(
                        static fn (Cue $cue): string => mb_strimwidth($cue->text(), 0, 40, '…'),
                        array_slice(array_values($tight), 0, 3),
                    )),
                ),
            );
        }

        return $flags;
    }
}
