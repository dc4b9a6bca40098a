<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Pictures\Framing\Framing;
use RapidReel\Pictures\Framing\Path\PathProblems;
use RapidReel\Pictures\Framing\StillMotion;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\Registry;

/** What is seen: whether it fits, whether it was seen before, whether all of it is to be seen, whether it moves. */
final class PictureChecks
{
    /** For so long something has to change (common practice, no published source). */
    public const UNCHANGED_MS = 1_000;

    /** @return list<Finding> */
    public static function of(Reviewed $short): array
    {
        $found = [];
        $last = [];
        foreach ($short->shots() as $i => [$scene, $shot]) {
            $id = $shot->source->footage;
            $found = [
                ...$found,
                ...self::fitting($short, $scene, $shot),
                ...isset($last[$id]) ? [self::repeated($short, $scene, $shot, $i - $last[$id])] : [],
                ...self::framed($short, $scene, $shot),
            ];
            $last[$id] = $i;
        }

        return [...$found, ...self::unchanged($short)];
    }

    /** @return list<Finding> */
    private static function fitting(Reviewed $short, int $scene, CutShot $shot): array
    {
        $found = [];
        $says = mb_strimwidth((string) preg_replace(
            '/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/u', '', $short->saidBetween($scene, $shot->startMs, $shot->endMs),
        ), 0, 48, '…');
        if (! $shot->reason->isGood && ! in_array($shot->startMs, $short->seen->chosen, true)) {
            $found[] = $shot->reason->why === ''
                ? self::at($short, $scene, $shot, FindingKind::NoPicture, "No picture at hand fits “{$says}”.",
                    Sureness::Likely)
                : self::at($short, $scene, $shot, FindingKind::WeakMatch,
                    "The picture over “{$says}” fits it from afar: {$shot->reason->why}.", Sureness::Perhaps);
        }
        if ($shot->reason->isOdd) {
            $found[] = self::at(
                $short, $scene, $shot, FindingKind::OddLook,
                'The colours of this picture are unlike those of the rest.',
                Sureness::Likely,
                $shot->look->match !== null ? null : new FindingMend(
                    MendDeed::Set, 'Match its colours to the others', 'match_colours', Registry::MATCHED, Level::Shot,
                ),
            );
        }
        if (in_array($shot->source->footage, $short->seen->standIns, true)) {
            $found[] = self::at(
                $short, $scene, $shot, FindingKind::StandIn, 'This picture was drawn by a stand-in.',
                Sureness::Measured,
            );
        }

        return $found;
    }

    private static function repeated(Reviewed $short, int $scene, CutShot $shot, int $before): Finding
    {
        return self::at(
            $short, $scene, $shot, FindingKind::PictureRepeated,
            $before === 1
                ? 'The picture before is shown again.'
                : "The picture of $before shots before is shown again.",
            Sureness::Measured,
            new FindingMend(MendDeed::Picture, 'Show the next best that is not in it'),
        );
    }

    /** @return list<Finding> */
    private static function framed(Reviewed $short, int $scene, CutShot $shot): array
    {
        $found = [];
        $subject = $short->seen->subjects[$shot->startMs] ?? null;
        if ($subject !== null && $shot->view->backdrop === null && $subject['held'] < PathProblems::ENOUGH) {
            $found[] = self::at(
                $short, $scene, $shot, FindingKind::SubjectOut,
                sprintf('Only %.0f %% of what moves or stands out is in the window.', 100 * $subject['held']),
                Sureness::Likely,
                new FindingMend(MendDeed::Set, 'Show all of it over a blurred copy', 'framing', Framing::Blur->value,
                    Level::Shot),
            );
        } elseif ($subject !== null && $subject['clear'] < PathProblems::ENOUGH) {
            $found[] = self::at(
                $short, $scene, $shot, FindingKind::UnderOutlet,
                sprintf('%.0f %% of what is seen of its subject lies under what the outlet draws.',
                    100 * (1 - $subject['clear'])),
                Sureness::Perhaps,
            );
        }
        $times = self::enlarged($short, $shot);
        if ($times > PathProblems::ENLARGED) {
            $found[] = self::at(
                $short, $scene, $shot, FindingKind::SoftPicture,
                sprintf('%d × %d pixels are shown %.1f times as large.', $shot->source->width, $shot->source->height,
                    $times),
                Sureness::Measured,
            );
        }

        return $found;
    }

    /** How many times larger than it is a picture is shown at most, in the largest frame that it is made for. */
    private static function enlarged(Reviewed $short, CutShot $shot): float
    {
        $times = 0.0;
        foreach ($short->targets as $target) {
            [$width, $height] = $target->picture->size($short->cut->form->frame->shape);
            $scales = array_map(static fn ($window): float => $window->scale, $shot->view->path->points);
            $times = max($times, $shot->view->backdrop === null
                ? $height / max(1.0, min($scales) * $shot->source->height)
                : min($width / $shot->source->width, $height / $shot->source->height));
        }

        return $times;
    }

    /** @return list<Finding> */
    private static function unchanged(Reviewed $short): array
    {
        $changes = self::changes($short);
        $found = [];
        foreach ($short->seen->still ?? [] as [$from, $until]) {
            $within = array_filter($changes, static fn (int $ms): bool => $ms > $from && $ms < $until);
            $edges = [$from, ...$within, $until];
            sort($edges);
            foreach (array_slice($edges, 1) as $i => $end) {
                if ($end - $edges[$i] >= self::UNCHANGED_MS) {
                    $found[] = self::still($short, $edges[$i], $end);
                }
            }
        }

        return $found;
    }

    private static function still(Reviewed $short, int $from, int $until): Finding
    {
        $shots = array_filter($short->shots(), static fn (array $one): bool => $one[1]->endMs > $from);
        [$scene, $shot] = reset($shots) ?: [count($short->cut->scenes) - 1, null];

        return new Finding(
            FindingKind::Unchanged,
            sprintf('For %.1f s neither picture nor caption changes.', ($until - $from) / 1000),
            Sureness::Measured,
            new FindingPlace($from, $until, $scene, $shot->word ?? 0),
            $short->saidBetween($scene, $shot->startMs ?? $from, $shot->endMs ?? $until),
            $shot === null || $shot->source->isClip() ? null : new FindingMend(
                MendDeed::Set, 'Let the picture move', 'motion', StillMotion::Push->value, Level::Shot,
            ),
        );
    }

    /** @return list<int> moments at which something over the picture changes, in ms */
    private static function changes(Reviewed $short): array
    {
        $changes = [];
        foreach ($short->cut->seenCues() as $cue) {
            array_push($changes, $cue->startMs, $cue->endMs);
            $isMarked = $cue->style->stress->spokenColour !== $cue->style->paint->fill
                || $cue->style->stress->spokenScale !== 100 || $cue->style->motion->appear !== 'whole';
            foreach ($isMarked ? $cue->words : [] as $word) {
                $changes[] = $word->startMs;
            }
        }
        foreach ($short->cut->over->cards as $card) {
            array_push($changes, $card->startMs, $card->endMs);
        }

        return $changes;
    }

    private static function at(
        Reviewed $short,
        int $scene,
        CutShot $shot,
        FindingKind $kind,
        string $message,
        Sureness $sure,
        ?FindingMend $mend = null,
    ): Finding {
        return new Finding(
            $kind, $message, $sure, new FindingPlace($shot->startMs, $shot->endMs, $scene, $shot->word),
            $short->saidBetween($scene, $shot->startMs, $shot->endMs), $mend,
        );
    }
}
