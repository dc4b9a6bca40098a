<?php

declare(strict_types=1);

namespace RapidReel\Caption;

use RapidReel\Base\TargetProfile;
use RapidReel\Voice\WordTiming;

/**
 * Groups the words of a shot into cues of one to three words, and sets each so that it fits the safe area.
 *
 * A cue never outlasts its shot: caption and picture change together, and a shot can be rendered by itself.
 */
final readonly class CueGrouper
{
    private const MOST_WORDS = 3;

    private const MOST_CHARACTERS = 18;

    /** A cue stays through a pause no longer than this, so that captions do not flicker. */
    private const HOLD_MS = 300;

    public function __construct(
        private FontMetrics $metrics,
        private CaptionStyle $style,
        private TargetProfile $profile,
    ) {
    }

    /**
     * @param  list<WordTiming>  $words  of one shot
     * @param  int  $shotEndMs  where the shot ends
     * @return list<Cue>
     */
    public function group(array $words, int $shotEndMs): array
    {
        $groups = $this->groups($words);
        $cues = [];
        foreach ($groups as $i => $group) {
            $last = $group[count($group) - 1]->endMs;
            $next = isset($groups[$i + 1]) ? $groups[$i + 1][0]->startMs : $shotEndMs;
            [$lines, $scale] = $this->set($group);
            $end = $next - $last <= self::HOLD_MS ? max($last, $next) : $last + self::HOLD_MS;
            $cues[] = new Cue($group[0]->startMs, $end, $group, $lines, $scale);
        }

        return $cues;
    }

    /**
     * @param  list<WordTiming>  $words
     * @return list<non-empty-list<WordTiming>>
     */
    private function groups(array $words): array
    {
        $groups = [];
        $group = [];
        foreach ($words as $i => $word) {
            $group[] = $word;
            $next = $words[$i + 1] ?? null;
            $text = implode(' ', array_map(static fn (WordTiming $held): string => $held->text, $group));
            $full = $next === null
                || count($group) >= self::MOST_WORDS
                || mb_strlen($text.' '.$next->text) > self::MOST_CHARACTERS
                || preg_match('/[.,;:!?…—–][”"’\')\]]*$/u', $word->text) === 1
                || $next->startMs - $word->endMs > self::HOLD_MS;
            if ($full) {
                $groups[] = $group;
                $group = [];
            }
        }

        return $groups;
    }

    /**
     * On one line if it fits, else on as many as needed with the type as large as the longest line allows.
     *
     * @param  non-empty-list<WordTiming>  $group
     * @return array{non-empty-list<int>, float}
     */
    private function set(array $group): array
    {
        $room =
            $this->profile->safeArea()->centredWidth() * TargetProfile::WIDTH -
            4 * $this->style->outline * TargetProfile::HEIGHT;
        $size = $this->style->size * TargetProfile::HEIGHT;
        $texts = array_map(
            fn (WordTiming $word): string => $this->style->upperCase ? mb_strtoupper($word->text) : $word->text,
            $group,
        );
        $best = [[count($texts)], 0.0];
        foreach ($this->breaks(count($texts)) as $lines) {
            $widest = 0.0;
            $at = 0;
            foreach ($lines as $count) {
                $widest = max(
                    $widest,
                    $this->metrics->width(implode(CaptionStyle::WORD_SPACE, array_slice($texts, $at, $count)), $size),
                );
                $at += $count;
            }
            $scale = $widest > 0 ? min(1.0, $room / $widest) : 1.0;
            if ($scale > $best[1] + 0.001) {
                $best = [$lines, $scale];
            }
        }

        return [$best[0], round(max(0.15, $best[1]), 3)];
    }

    /**
     * @return list<non-empty-list<int>> ways to break words into lines, fewest lines first
     */
    private function breaks(int $words): array
    {
        return match ($words) {
            1 => [[1]],
            2 => [[2], [1, 1]],
            default => [[3], [2, 1], [1, 2], [1, 1, 1]],
        };
    }
}
