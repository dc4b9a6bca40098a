<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Captions\Cue\Cue;
use RapidReel\Plan\Cut\CutCard;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Settings\Level;
use RapidReel\Voice\Speech\Tempo;

/** Captions and cards: whether they can be read, and stand where the outlet leaves room. */
final class CaptionChecks
{
    /** Words a second, however short they are (common practice, no published source) */
    public const MOST_WORDS = 5.0;

    /** A short caption is read together with those after it, one that stands so long by itself. */
    private const TOGETHER_MS = 2_000;

    private const ALONE_MS = 1_000;

    /** What is a little too fast for most is read all the same. */
    private const SLACK_SHARE = 1.05;

    /** Captions so far apart are read one by one. */
    private const APART_MS = 400;

    /** A part of the frame that is not seen to reach out. */
    private const SLACK = 0.002;

    /** @return list<Finding> */
    public static function of(Reviewed $short): array
    {
        return [
            ...self::faint($short),
            ...self::hasty($short, $short->cut->cues),
            ...self::hasty($short, $short->cut->over->second),
            ...self::outside($short),
            ...self::cards($short),
        ];
    }

    /** @return list<Finding> one for each scene */
    private static function faint(Reviewed $short): array
    {
        $byScene = [];
        foreach ($short->seen->faint as $one) {
            $byScene[$one['scene']][] = $one;
        }
        $found = [];
        foreach ($byScene as $scene => $faint) {
            usort($faint, static fn (array $a, array $b): int => $a['ratio'] <=> $b['ratio']);
            $worst = $faint[0];
            $found[] = new Finding(
                FindingKind::FaintCaption,
                sprintf(
                    '%s stand%s out too little: %.1f to 1%s.',
                    count($faint) === 1 ? 'A caption' : count($faint).' captions', count($faint) === 1 ? 's' : '',
                    $worst['ratio'], count($faint) === 1 ? '' : ' at worst',
                ),
                Sureness::Measured,
                new FindingPlace($worst['ms'], $worst['ms'], $scene, $worst['word']),
                $short->cut->scenes[$scene]->text ?? '',
                $worst['mend'] === '' ? null : new FindingMend(
                    MendDeed::Contrast, 'Make faint captions of the short clear', $worst['mend'],
                ),
            );
        }

        return $found;
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<Finding> one for each stretch of them
     */
    private static function hasty(Reviewed $short, array $cues): array
    {
        $stretches = [];
        foreach (array_keys($cues) as $i) {
            $rate = self::rates($cues, $i);
            if ($rate === null || max($rate[0] / Cue::FASTEST, $rate[1] / self::MOST_WORDS) <= self::SLACK_SHARE) {
                continue;
            }
            $last = array_key_last($stretches);
            $scene = $cues[$i]->from->scene;
            if ($last !== null && $stretches[$last]['until'] >= $i - 1 && $stretches[$last]['scene'] === $scene) {
                $stretches[$last]['until'] = $rate[2];
                $stretches[$last]['letters'] = max($stretches[$last]['letters'], $rate[0]);
                $stretches[$last]['words'] = max($stretches[$last]['words'], $rate[1]);

                continue;
            }
            $stretches[] = [
                'from' => $i, 'until' => $rate[2], 'scene' => $scene, 'letters' => $rate[0], 'words' => $rate[1],
            ];
        }

        return array_map(static function (array $one) use ($short, $cues): Finding {
            [$first, $last] = [$cues[$one['from']], $cues[$one['until']]];
            $times = max($one['letters'] / Cue::FASTEST, $one['words'] / self::MOST_WORDS);
            $percent = max(Tempo::SLOWEST, (int) floor(100 / $times));

            return new Finding(
                FindingKind::HastyCaption,
                sprintf(
                    '“%s” asks for %.0f letters and %.1f words a second; most read %.0f and %.1f.',
                    mb_strimwidth($first->text(), 0, 40, '…'), $one['letters'], $one['words'], Cue::FASTEST,
                    self::MOST_WORDS,
                ),
                Sureness::Measured,
                new FindingPlace($first->startMs, $last->endMs, $one['scene'], $first->from->word),
                $short->cut->scenes[$one['scene']]->text ?? '',
                new FindingMend(
                    MendDeed::Tempo, "Speak it at {$percent} % of its tempo", value: $percent, level: Level::Scene,
                ),
            );
        }, $stretches);
    }

    /**
     * @param  list<Cue>  $cues
     * @return array{float, float, int}|null letters and words a second from a caption on, and the last that was
     *   counted; null where too little is shown to say
     */
    private static function rates(array $cues, int $from): ?array
    {
        $letters = $words = $ms = 0;
        $alone = $cues[$from]->endMs - $cues[$from]->startMs;
        $enough = $alone >= self::ALONE_MS ? $alone : self::TOGETHER_MS;
        for ($i = $from; isset($cues[$i]); $i++) {
            if ($i > $from && $cues[$i]->startMs - $cues[$i - 1]->endMs > self::APART_MS) {
                break;
            }
            $letters += mb_strlen($cues[$i]->text()) + ($i > $from ? 1 : 0);
            $words += count($cues[$i]->words);
            $ms = $cues[$i]->endMs - $cues[$from]->startMs;
            if ($ms >= $enough) {
                break;
            }
        }

        // The rest of a stretch was looked at with what stands before it.
        return $ms < $enough && $from > 0
            && $cues[$from]->startMs - $cues[$from - 1]->endMs <= self::APART_MS
            ? null
            : [$letters * 1000 / max(1, $ms), $words * 1000 / max(1, $ms), min($i, count($cues) - 1)];
    }

    /** @return list<Finding> */
    private static function outside(Reviewed $short): array
    {
        $safe = $short->cut->form->frame->safe;
        $found = [];
        foreach ($short->cut->seenCues() as $cue) {
            [$left, $top, $right, $bottom] = $cue->setting->parts();
            if ($left < $safe->left - self::SLACK || $top < $safe->top - self::SLACK
                || $right > 1 - $safe->right + self::SLACK || $bottom > 1 - $safe->bottom + self::SLACK) {
                $found[] = new Finding(
                    FindingKind::OutsideSafe,
                    sprintf('“%s” reaches out of the safe area.', mb_strimwidth($cue->text(), 0, 40, '…')),
                    Sureness::Measured,
                    new FindingPlace($cue->startMs, $cue->endMs, $cue->from->scene, $cue->from->word),
                    $cue->text(),
                );
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function cards(Reviewed $short): array
    {
        $frame = $short->cut->form->frame;
        $safe = $frame->safe;
        $found = [];
        foreach ($short->cut->over->cards as $card) {
            [$x, $y, $wide] = [$card->place->x, $card->place->y, $card->place->width];
            $high = $card->height($frame->shape);
            $slack = self::SLACK;
            if ($x - $wide / 2 >= $safe->left - $slack && $x + $wide / 2 <= 1 - $safe->right + $slack
                && $y - $high / 2 >= $safe->top - $slack && $y + $high / 2 <= 1 - $safe->bottom + $slack) {
                continue;
            }
            $place = $short->place($card->startMs, $card->endMs);
            $found[] = new Finding(
                FindingKind::OutsideSafe,
                sprintf('The card “%s” reaches out of the safe area.', mb_strimwidth($card->of->says, 0, 40, '…')),
                Sureness::Measured,
                $card->of->scene === null
                    ? $place
                    : new FindingPlace($card->startMs, $card->endMs, $card->of->scene, $place->word),
                $card->of->says,
                self::inside($short, $card, $wide, $high),
            );
        }

        return $found;
    }

    /** An operator's card is moved; made narrower first where it is wider than the room. */
    private static function inside(Reviewed $short, CutCard $card, float $wide, float $high): ?FindingMend
    {
        $safe = $short->cut->form->frame->safe;
        $part = min(
            1.0, (1 - $safe->left - $safe->right) / $wide, (1 - $safe->top - $safe->bottom) / max(1e-6, $high),
        );
        [$wide, $high] = [$wide * $part, $high * $part];
        $x = min(1 - $safe->right - $wide / 2, max($safe->left + $wide / 2, $card->place->x));
        $y = min(1 - $safe->bottom - $high / 2, max($safe->top + $high / 2, $card->place->y));

        return $card->of->scene === null ? null : new FindingMend(
            MendDeed::Card, $part < 1 ? 'Make it smaller and move it inside' : 'Move it inside',
            (string) $card->of->number,
            sprintf('%d %d %d', round(1000 * $x), round(1000 * $y), (int) floor(1000 * $part)),
        );
    }
}
