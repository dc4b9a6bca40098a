<?php

declare(strict_types=1);

namespace App\Desks\Review;

use App\Desks\Editing\CaptionMender;
use App\Desks\Editing\PaceEditor;
use App\Desks\Editing\ShortWriter;
use App\Ground\Work\HandedBack;
use App\Makers\Planning\NextBest;
use App\Makers\Reviewing\JudgedFinding;
use App\Media\Process\ToolFailed;
use App\Media\Store\StrangePlace;
use App\Shelves\Levels\Registrar;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Contrast\MendKind;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Plan\Review\Check\FindingMend;
use RapidReel\Plan\Review\Check\MendDeed;
use RapidReel\Plan\Settings\Level;
use RapidReel\Text\Manuscript\Manuscript;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Voice\Speech\Tempo;

/** Carries mends out, within a change of a short. */
final readonly class Mending
{
    public function __construct(
        private ShortWriter $writer,
        private CaptionMender $captions,
        private PaceEditor $pace,
        private NextBest $next,
        private Registrar $registrar,
        private Resolver $resolver,
    ) {
    }

    /**
     * @param  list<JudgedFinding>  $findings  of the short as it is, with mends
     * @return array<int, string> why some cannot be mended so, by their object ids
     *
     * @throws Refusal when it has no scenes
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function all(Short $short, array $findings): array
    {
        usort($findings, static fn (JudgedFinding $a, JudgedFinding $b): int => [
            $a->finding->mend?->deed->turn(), $a->severity->rank(),
        ] <=> [$b->finding->mend?->deed->turn(), $b->severity->rank()]);
        $keys = $short->manuscript()->keys;
        $shown = $done = $left = [];
        foreach ($findings as $one) {
            $mend = $one->finding->mend;
            if ($mend === null) {
                continue;
            }
            $place = $mend->level === Level::Short ? '' : "{$one->finding->place->scene}";
            $place .= $mend->level === Level::Shot ? "-{$one->finding->place->word}" : '';
            $of = "{$mend->deed->value} $place $mend->key";
            // Two that want the same thing set otherwise: that which weighs more has it.
            if (isset($done[$of]) && $mend->deed !== MendDeed::Picture && $mend->deed !== MendDeed::Card) {
                $done[$of] === [$mend->key, $mend->value]
                    || $left[spl_object_id($one)] = 'Something else sets the same here. Have it looked at again.';

                continue;
            }
            try {
                $this->apply($short, $keys, $one, $shown);
                $done[$of] = [$mend->key, $mend->value];
                $short->load(['scenes.shots', 'notes']);
            } catch (Refusal $problem) {
                $left[spl_object_id($one)] = $problem->getMessage();
            }
        }

        return $left;
    }

    /**
     * What a mend would change, in words.
     *
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     */
    public function says(Short $short, JudgedFinding $one): string
    {
        $mend = $one->finding->mend;
        $scene = $one->finding->place->scene;
        $row = $scene === null ? null : $short->scenes->values()->get($scene);
        $values = $row === null ? $this->resolver->short($short) : $this->resolver->scene($short, $row->toScript());
        if ($row !== null && $mend?->level === Level::Shot) {
            $values = $values->and(Level::Shot, $row->toScript()->own->shotAt($one->finding->place->word)->own);
        }

        return match ($mend?->deed) {
            MendDeed::Tighten, MendDeed::Stretch => $this->length($short, $mend),
            MendDeed::Tempo => sprintf(
                'Tempo of the scene: from %d %% to %d %%.', $values->number('tempo'),
                self::tempo($values->number('tempo'), (int) $mend->value),
            ),
            MendDeed::Set => $this->setting($short, $mend, (string) $values->value($mend->key)),
            MendDeed::Picture => $this->picture($short, $one),
            MendDeed::Begin => $mend->value === ''
                ? 'The first scene goes; the next is the hook.'
                : "The hook is then: “{$mend->value}”",
            MendDeed::Title => "The title is then: “{$mend->value}”",
            MendDeed::Tags => $mend->value === '' ? 'It has no tags then.' : "Its tags are then: {$mend->value}.",
            default => "{$mend?->label}.",
        };
    }

    /**
     * @param  list<int|null>  $keys  of its scenes as they were when they were looked at
     * @param  list<string>  $shown  ids of footage that others were given; this adds to it
     *
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     */
    private function apply(Short $short, array $keys, JudgedFinding $one, array &$shown): void
    {
        /** @var FindingMend $mend */
        $mend = $one->finding->mend;
        $value = (string) $mend->value;
        match ($mend->deed) {
            MendDeed::Title => $short->title = $value,
            MendDeed::Tags => $short->tags = $value,
            MendDeed::Begin => $this->writer->write($short, $value === ''
                ? $short->manuscript()->without(0)
                : $short->manuscript()->reworded(0, $value)),
            MendDeed::Contrast => $this->captions->apply($short, $keys, MendKind::from($mend->key)),
            MendDeed::Tighten, MendDeed::Stretch => $this->bring($short, $mend),
            MendDeed::Picture => $shown[] = $this->show($short, $keys, $one, $shown),
            MendDeed::Card => $this->own($short, $keys, $one, static fn (SceneOwn $own): SceneOwn => self::moved(
                $own, (int) $mend->key, $value,
            )),
            MendDeed::Tempo, MendDeed::Set => $this->set($short, $keys, $one, $mend),
        };
    }

    /**
     * @param  list<int|null>  $keys
     *
     * @throws Refusal
     */
    private function set(Short $short, array $keys, JudgedFinding $one, FindingMend $mend): void
    {
        $isTempo = $mend->deed === MendDeed::Tempo;
        $key = $isTempo ? 'tempo' : $mend->key;
        $type = $this->registrar->of($short->batch->channel)->get($key)->type;
        if ($mend->level === Level::Short) {
            $short->settings = $short->settings->with($key, $type->read((string) $mend->value));

            return;
        }
        $word = $one->finding->place->word;
        $this->own($short, $keys, $one, function (SceneOwn $own, Manuscript $now, int $at) use (
            $short, $mend, $key, $type, $word, $isTempo,
        ): SceneOwn {
            if ($mend->level === Level::Shot) {
                $mark = $own->shotAt($word);

                return $own->shot([$mark->with($mark->own->with($key, $type->read((string) $mend->value))),
                    ...$own->shots]);
            }
            $value = $isTempo
                ? self::tempo($this->resolver->scene($short, $now->scenes[$at])->number('tempo'), (int) $mend->value)
                : $mend->value;

            return $own->with($own->settings->with($key, $type->read((string) $value)));
        });
    }

    /**
     * @param  list<int|null>  $keys
     * @param  callable(SceneOwn, Manuscript, int): SceneOwn  $change
     *
     * @throws Refusal
     */
    private function own(Short $short, array $keys, JudgedFinding $one, callable $change): void
    {
        $now = $short->manuscript();
        $at = array_search($keys[$one->finding->place->scene ?? -1] ?? 0, $now->keys, true);
        if ($at === false) {
            throw new Refusal('The scene of this finding is no longer there.');
        }
        $this->writer->write($short, $now->withOwn($at, $change($now->scenes[$at]->own, $now, $at)));
    }

    /** @throws Refusal */
    private static function moved(SceneOwn $own, int $number, string $to): SceneOwn
    {
        $cards = $own->captions->cards;
        $card = $cards[$number] ?? throw new Refusal('This card is no longer there.');
        [$x, $y, $part] = array_map(intval(...), array_pad(explode(' ', $to), 3, '1000'));
        $cards[$number] = CardMark::fromArray([
            ...$card->toArray(), 'x' => $x, 'y' => $y,
            'size' => max(CardMark::LEAST_SIZE, intdiv($card->spot->size * $part, 1000)),
        ]);

        return $own->captioned($own->captions->carded($cards));
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     */
    private function bring(Short $short, FindingMend $mend): void
    {
        $plan = $this->pace->plans([$short], (int) $mend->value, $mend->deed === MendDeed::Stretch)[$short->id];
        if ($plan === null) {
            throw new Refusal('Not all of it is voiced yet: mend its length when it is.');
        }
        if (! $plan->reaches()) {
            throw new Refusal($plan->says());
        }
        $this->pace->apply($short, $plan);
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     * @throws HandedBack
     */
    private function length(Short $short, FindingMend $mend): string
    {
        $plan = $this->pace->plans([$short], (int) $mend->value, $mend->deed === MendDeed::Stretch)[$short->id];

        return $plan === null ? 'Not all of it is voiced yet.' : $plan->says();
    }

    /** @throws Refusal */
    private function setting(Short $short, FindingMend $mend, string $now): string
    {
        $setting = $this->registrar->of($short->batch->channel)->get($mend->key);
        $for = match ($mend->level) {
            Level::Scene => ' for the scene',
            Level::Shot => ' for the shot',
            default => '',
        };

        return sprintf(
            '%s%s: from %s to %s.', $setting->label, $for, $setting->type->says($now),
            $setting->type->says($setting->type->read((string) $mend->value)),
        );
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    private function picture(Short $short, JudgedFinding $one): string
    {
        [$footage, $why] = $this->nextFor($short, $short->manuscript()->keys, $one, []);

        return "“{$footage->name}” is shown there".($why === '' ? '.' : ": $why.");
    }

    /**
     * @param  list<int|null>  $keys
     * @param  list<string>  $shown
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    private function show(Short $short, array $keys, JudgedFinding $one, array $shown): string
    {
        $id = (string) $this->nextFor($short, $keys, $one, $shown)[0]->id;
        $this->own($short, $keys, $one, static fn (SceneOwn $own): SceneOwn => $own->shot([
            $own->shotAt($one->finding->place->word)->withFootage($id), ...$own->shots,
        ]));

        return $id;
    }

    /**
     * @param  list<int|null>  $keys
     * @param  list<string>  $shown
     * @return array{Footage, string} with why
     *
     * @throws Refusal where there is none
     * @throws StrangePlace
     * @throws ToolFailed
     */
    private function nextFor(Short $short, array $keys, JudgedFinding $one, array $shown): array
    {
        $scene = Scene::query()->with('shots')->find($keys[$one->finding->place->scene ?? -1] ?? 0);
        $used = [...$shown, ...array_merge([], ...array_map(
            static fn ($of): array => $of->footage(), $short->plannedCut()->scenes ?? [],
        ))];
        foreach ($scene === null ? [] : $this->next->of($scene, $one->finding->place->word) as [$footage, $why]) {
            if (! in_array((string) $footage->id, $used, true)) {
                return [$footage, $why];
            }
        }

        throw new Refusal('Nothing else at hand fits there that is not in this short already.');
    }

    private static function tempo(int $now, int $percent): int
    {
        return max(Tempo::SLOWEST, min(Tempo::FASTEST, (int) round($now * $percent / 100)));
    }
}
