<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Base\Target\Target;
use RapidReel\Plan\Cut\CutWord;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Text\Hook\Filler;

/** What is said: how it begins, what is not to be said, what was said before, what stands beside the video. */
final class WordChecks
{
    /** @return list<Finding> */
    public static function of(Reviewed $short): array
    {
        return [
            ...self::greeting($short), ...self::forbidden($short), ...self::alike($short), ...self::texts($short),
            ...self::doubts($short), ...self::faces($short),
        ];
    }

    /** @return list<Finding> */
    private static function greeting(Reviewed $short): array
    {
        $hook = $short->cut->scenes[0]->text;
        $filler = Filler::before($hook, $short->channel);
        if ($filler === '') {
            return [];
        }
        $says = rtrim($filler, ' ,.:;—–-');
        $left = Filler::off($hook, $short->channel);
        $isAlone = count($short->cut->scenes) === 1;

        return [new Finding(
            FindingKind::Greeting,
            "“{$says}” comes first and tells the viewer nothing.",
            Sureness::Likely,
            new FindingPlace(0, $short->cut->scenes[0]->endMs, 0),
            $hook,
            $left === '' && $isAlone ? null : new FindingMend(MendDeed::Begin, "Leave out “{$says}”", value: $left),
        )];
    }

    /** @return list<Finding> */
    private static function forbidden(Reviewed $short): array
    {
        $said = array_map(static fn (CutWord $word): string => self::plain($word->timing->text), $short->cut->words);
        $found = [];
        foreach ($short->forbidden as $phrase) {
            $parts = self::parts($phrase);
            foreach ($parts === [] ? [] : array_keys($said) as $at) {
                if (array_slice($said, $at, count($parts)) === $parts) {
                    $word = $short->cut->words[$at];
                    $found[] = new Finding(
                        FindingKind::ForbiddenWord,
                        "“{$phrase}” is said; this channel does not say it.",
                        Sureness::Measured,
                        new FindingPlace(
                            $word->timing->startMs, $word->timing->endMs, $word->scene,
                            $short->wordAt($word->scene, $word->timing->startMs),
                        ),
                        $short->cut->scenes[$word->scene]->text ?? '',
                    );
                }
            }
            $beside = ['title' => $short->cut->title, 'tags' => implode(' ', $short->tags)];
            foreach ($short->cut->over->cards as $card) {
                $beside['card'] = ($beside['card'] ?? '').' '.$card->of->says;
            }
            foreach ($beside as $where => $text) {
                if ($parts !== [] && str_contains(' '.implode(' ', self::parts($text)).' ',
                    ' '.implode(' ', $parts).' ')) {
                    $found[] = new Finding(
                        FindingKind::ForbiddenWord,
                        $where === 'title' ? "“{$phrase}” stands in the title."
                            : ($where === 'tags' ? "“{$phrase}” is a tag." : "“{$phrase}” stands on a card."),
                        Sureness::Measured, new FindingPlace, $text,
                    );
                }
            }
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function alike(Reviewed $short): array
    {
        $notable = array_filter($short->seen->alike, static fn (Flag $flag): bool => in_array(
            $flag->code, [FlagCode::SameHook, FlagCode::SameScript], true,
        ));

        return array_values(array_map(static fn (Flag $flag): Finding => new Finding(
            FindingKind::ToldBefore, $flag->message, Sureness::Likely,
            $flag->code === FlagCode::SameHook ? $short->place(0) : new FindingPlace,
            $flag->code === FlagCode::SameHook ? $short->cut->scenes[0]->text : $short->text(),
        ), $notable));
    }

    /** @return list<Finding> */
    private static function texts(Reviewed $short): array
    {
        $found = [];
        $title = $short->cut->title;
        $of = static fn (Target $one): string => count($short->targets) === 1 ? '' : " of “{$one->label}”";
        $tightest = $short->targets[0];
        foreach ($short->targets as $one) {
            $tightest = $one->texts->title < $tightest->texts->title ? $one : $tightest;
        }
        if (mb_strlen($title) > $tightest->texts->title) {
            $found[] = new Finding(
                FindingKind::TextsLong,
                sprintf('The title has %d characters; the target%s takes %d.', mb_strlen($title), $of($tightest),
                    $tightest->texts->title),
                Sureness::Measured, new FindingPlace, $title,
                new FindingMend(
                    MendDeed::Title, 'Cut it to “'.TextLimits::title($title, $tightest->texts->title).'”',
                    value: TextLimits::title($title, $tightest->texts->title),
                ),
            );
        }
        [$kept, $because] = TextLimits::tags($short->tags, $short->targets);
        if ($because !== null) {
            $found[] = new Finding(
                FindingKind::TextsLong,
                sprintf($because[0], $of($because[1])),
                Sureness::Measured, new FindingPlace, implode(', ', $short->tags),
                new FindingMend(
                    MendDeed::Tags, 'Keep '.($kept === [] ? 'none' : implode(', ', $kept)),
                    value: implode(', ', $kept),
                ),
            );
        }

        return $found;
    }

    /** @return list<Finding> one for each scene */
    private static function doubts(Reviewed $short): array
    {
        $byScene = [];
        foreach ($short->seen->doubts as $doubt) {
            $byScene[$doubt['scene']][] = $doubt;
        }
        $found = [];
        foreach ($byScene as $scene => $doubts) {
            $words = array_values(array_filter(
                $short->cut->words, static fn (CutWord $word): bool => $word->scene === $scene,
            ));
            $at = $words[$doubts[0]['word']]->timing->startMs ?? $short->cut->scenes[$scene]->startMs ?? 0;
            $found[] = new Finding(
                FindingKind::Alignment,
                sprintf(
                    'Where “%s” %s in the recording is not sure.',
                    implode('”, “', array_map(static fn (array $one): string => $one['text'],
                        array_slice($doubts, 0, 3))),
                    count($doubts) === 1 ? 'begins' : 'begin',
                ),
                Sureness::Likely,
                new FindingPlace($at, $at, $scene, $doubts[0]['word']),
                $short->cut->scenes[$scene]->text ?? '',
            );
        }

        return $found;
    }

    /** @return list<Finding> */
    private static function faces(Reviewed $short): array
    {
        $found = [];
        foreach ($short->summary->flags as $flag) {
            if ($flag->code !== FlagCode::NoFace) {
                continue;
            }
            $place = new FindingPlace;
            foreach ($short->cut->words as $word) {
                if (str_contains($flag->message, $word->timing->text)) {
                    $place = $short->place($word->timing->startMs, $word->timing->endMs);
                    break;
                }
            }
            $found[] = new Finding(
                FindingKind::NoFace, $flag->message, Sureness::Measured, $place,
                $place->scene === null ? $short->text() : $short->cut->scenes[$place->scene]->text ?? '',
            );
        }

        return $found;
    }

    private static function plain(string $word): string
    {
        return (string) preg_replace('/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/u', '', mb_strtolower($word));
    }

    /** @return list<string> words without what stands around them */
    private static function parts(string $text): array
    {
        $words = preg_split('/\s+/u', trim($text)) ?: [];

        return array_values(array_filter(
            array_map(self::plain(...), $words), static fn (string $word): bool => $word !== '',
        ));
    }
}
