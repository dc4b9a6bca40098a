<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Sheet;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\Stage;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Proofs\ProofDesk;
use App\Shelves\Levels\EffectNames;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Support\Collection;
use RapidReel\Captions\Marks\WordMark;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutCard;
use RapidReel\Plan\Cut\CutEffect;
use RapidReel\Plan\Cut\CutScene;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\CutWord;
use RapidReel\Plan\Pace\CadenceKind;
use RapidReel\Plan\Review\Pace\PaceFinding;
use RapidReel\Plan\Review\Pace\PaceFindings;
use RapidReel\Plan\Review\Pace\PaceReport;
use RapidReel\Plan\Review\ScriptFlags;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\PaceSettings;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Text\Script\SceneRole;

/** The sheet of a short: what is said, seen and heard against one ruler of seconds. Times in ms of the short. */
final readonly class SheetPage
{
    public function __construct(
        private LiveCaptions $captions,
        private Resolver $resolver,
        private ProofDesk $proofs,
        private EditBook $edits,
        private SheetSound $sound,
    ) {
    }

    public function of(Short $short): SheetPageView
    {
        $short->load(['batch.channel', 'scenes.shots', 'readings']);
        // A plan of scenes that have changed since has pictures at other times.
        $last = $short->plannedCut();
        $planned = $short->isPlanned() ? $last : null;
        $cut = $planned ?? $this->captions->of($short);
        $report = PaceReport::of($cut, CutSummary::of($cut, '', ''));
        $here = $this->resolver->short($short);
        $above = $this->resolver->batch($short->batch);

        return new SheetPageView(
            $short,
            $this->drawn($short, $cut, $planned !== null, $report),
            $report,
            ScopeControl::all(
                Level::Short, $here, $above, $short->batch->channel_id, $short->id, 'the short', PaceSettings::LIMITS,
            ),
            $this->sound->of($short, $cut, $last),
            Stage::of($short, $cut),
            PageState::of(
                $short,
                $this->edits,
                ! $this->proofs->isShown($short) && $short->proof_problem === null && $short->problem === null,
            ),
        );
    }

    /** @return array<string, mixed> */
    private function drawn(Short $short, Cut $cut, bool $isPlanned, PaceReport $report): array
    {
        $ids = array_merge([], ...array_map(static fn (CutScene $scene): array => $scene->footage(), $cut->scenes));
        $footage = Footage::query()->whereKey(array_unique($ids))->get()->keyBy('id');
        $crowded = ScriptFlags::crowded($short->manuscript()->scenes);
        $words = [];
        foreach ($cut->words as $word) {
            $words[$word->scene][] = $word;
        }
        $above = $this->resolver->short($short);
        $names = $cut->sound->effects === [] ? [] : EffectNames::of($short->batch->channel);
        $scenes = $shots = [];
        foreach ($short->scenes as $number => $scene) {
            $of = $cut->scenes[$number] ?? null;
            if ($of === null) {
                continue;
            }
            $marks = $scene->toScript()->own->captions->words;
            $scenes[] = [
                'id' => $scene->id,
                'role' => $scene->role->value,
                'text' => $scene->text,
                'from' => $of->startMs,
                'until' => $of->endMs,
                'optional' => ($scene->settings->own['need'] ?? '') === PaceSettings::OPTIONAL,
                'note' => isset($crowded[$number]) ? "{$crowded[$number]} sentences in one scene" : '',
                'words' => array_map(static fn (CutWord $word): array => [
                    $word->timing->text, $word->timing->startMs, $word->timing->endMs,
                ], $words[$number] ?? []),
                'reword' => route('scenes.reword', $scene),
                'shot' => route('scenes.shot', [$scene, 0]),
                'sound' => route('scenes.sounds', [$scene, 0]),
                'card' => route('cards.store', [$scene, 0]),
                'sounds' => array_values(array_map(static fn (WordMark $mark): array => [
                    $mark->word, $mark->sound, $mark->soundMs,
                ], array_filter($marks, static fn (WordMark $mark): bool => $mark->sound !== null))),
                'cadence' => self::cadence($above->and(Level::Scene, $scene->settings), $scene),
            ];
            array_push($shots, ...$this->shots($scene, $number, $of->shots, $footage));
        }

        return [
            'seconds' => $cut->durationMs / 1000,
            'frame' => 1000 / $cut->grid()->fps,
            'hook' => $cut->form->limits->length->hookWindowMs,
            'limit' => $cut->form->limits->length->longestMs ?? 0,
            'least' => $report->summary->isUnder() ? $cut->form->limits->length->shortestMs : 0,
            'planned' => $isPlanned,
            'scenes' => $scenes,
            'shots' => $shots,
            'silences' => array_values(array_filter(
                $report->silences,
                static fn (array $one): bool => $one[1] < $cut->durationMs,
            )),
            'effects' => array_map(static fn (CutEffect $effect): array => [
                'ms' => $effect->atMs, 'id' => $effect->sound, 'name' => $names[$effect->sound] ?? 'sound',
                'why' => $effect->why,
            ], $cut->sound->effects),
            'cards' => array_map(fn (CutCard $card): array => $this->card($short, $cut, $card), $cut->over->cards),
            'progress' => $cut->over->progress?->toArray(),
            'rates' => $report->rates(),
            'flags' => array_map(static fn (PaceFinding $finding): array => [
                'ms' => $finding->ms, 'says' => $finding->message, 'short' => $finding->code->brief(),
            ], PaceFindings::of($report)),
            'wave' => route('sheet.wave', $short),
        ];
    }

    /** @return array<string, mixed> */
    private function card(Short $short, Cut $cut, CutCard $card): array
    {
        $scene = $card->of->scene === null ? null : $short->scenes[$card->of->scene] ?? null;
        $mark = $scene?->toScript()->own->captions->cards[$card->of->number] ?? null;

        return [
            'from' => $card->startMs, 'until' => $card->endMs, 'x' => $card->place->x, 'y' => $card->place->y,
            'width' => $card->place->width, 'height' => $card->height($cut->form->frame->shape),
            'says' => $card->of->says, 'scene' => $card->of->scene,
            'mark' => $mark?->toArray(), 'picture' => route('cards.picture', [$short, $card->picture->key]),
            'change' => $scene === null || $mark === null ? null : route('cards.update', [$scene, $card->of->number]),
        ];
    }

    /**
     * @param  list<CutShot>  $shots
     * @param  Collection<int, Footage>  $footage
     * @return list<array<string, mixed>>
     */
    private function shots(Scene $scene, int $number, array $shots, Collection $footage): array
    {
        $rows = $scene->shots->keyBy('word');
        $drawn = [];
        foreach ($shots as $i => $shot) {
            $item = $footage->get((int) $shot->source->footage);
            $row = $rows->get($shot->word);
            $isLocked = $row !== null && $row->locked;
            $drawn[] = [
                'scene' => $number,
                'word' => $shot->word,
                'first' => $i === 0,
                'from' => $shot->startMs,
                'until' => $shot->endMs,
                'name' => $item === null ? 'no longer in the library' : $item->name,
                'thumb' => $item === null ? '' : route('footage.thumbnail', $item),
                'clip' => $shot->source->isClip(),
                'in' => $shot->play->inMs,
                'most' => $item === null ? 0 : max(0, $item->duration_ms - $shot->clipMs()),
                'locked' => $isLocked,
                'why' => $isLocked || $shot->reason->why === '' ? '' : "for {$shot->reason->why}",
                'fits' => $shot->reason->isGood || $isLocked,
                'fit' => self::fit($shot, $item),
                'swap' => route('scenes.swap', [$scene, $shot->word]),
                'does' => route('scenes.shot', [$scene, $shot->word]),
                'framing' => route('framing.show', [$scene, $shot->word]),
                'here' => route('sheet.here', [$scene, $shot->word]),
            ];
        }

        return $drawn;
    }

    /** How often the picture changes in a scene, in short; empty where that is as the longest shot allows. */
    private static function cadence(SettingValues $settled, Scene $scene): string
    {
        $cadence = PaceSettings::cadence($settled, $scene->role === SceneRole::Hook);

        return $cadence->kind === CadenceKind::Longest ? '' : $cadence->typed();
    }

    /** What was done with a clip that does not last as long as its shot, in words; empty where nothing was. */
    private static function fit(CutShot $shot, ?Footage $footage): string
    {
        $isShort = $footage !== null && $footage->duration_ms > 0
            && $footage->duration_ms - $shot->play->inMs < $shot->clipMs() - 20;

        return match (true) {
            $shot->play->loopMs > 0 => 'plays round',
            $isShort => 'its last picture stays',
            $shot->play->speed < 1 => sprintf('slowed to %.0f %%', 100 * $shot->play->speed),
            $shot->play->speed > 1 => sprintf('sped to %.0f %%', 100 * $shot->play->speed),
            default => '',
        };
    }
}
