<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Captions;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\PageState;
use App\Doors\Http\Presenters\ScopeControl;
use App\Doors\Http\Presenters\Stage;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofDesk;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Short;
use RapidReel\Captions\Style\StyleFields;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Settings\CaptionSettings;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\SecondCaptionSettings;
use RapidReel\Plan\Settings\Section;

/** The captions of a short as their page shows them: time runs down. */
final readonly class CaptionsPage
{
    public function __construct(
        private LiveCaptions $captions,
        private Resolver $resolver,
        private ProofDesk $proofs,
        private EditBook $edits,
    ) {
    }

    public function of(Short $short): CaptionsView
    {
        $short->load(['batch.channel', 'scenes.shots', 'readings']);
        $cut = $this->captions->of($short);
        $fresh = $this->proofs->isFresh($short) ? Proof::of($short) : null;
        $here = $this->resolver->short($short);
        $above = $this->resolver->batch($short->batch);
        $controls = fn (array $keys): array => ScopeControl::all(
            Level::Short,
            $here,
            $above,
            $short->batch->channel_id,
            $short->id,
            'the short',
            $keys,
            CaptionSettings::style($here)?->toArray() ?? [],
        );
        $groups = [];
        foreach (StyleFields::ALL as $name => [, $group]) {
            $groups[$group][] = StyleFields::setting($name);
        }
        $groups['Second captions'] = SecondCaptionSettings::FOLDED;

        return new CaptionsView(
            $short,
            $this->rows($short, $cut, $fresh),
            array_filter(
                $controls($here->registry->in(Section::Captions)),
                static fn (ScopeControl $one): bool => ! $one->setting->isRare(),
            ),
            array_map($controls, $groups),
            $fresh,
            $cut->durationMs / 1000,
            Stage::of($short, $cut),
            PageState::of($short, $this->edits, $fresh === null && $short->proof_problem === null),
        );
    }

    /** @return list<CaptionRow> */
    private function rows(Short $short, Cut $cut, ?Proof $proof): array
    {
        $clear = [];
        foreach ($proof->cues ?? [] as $one) {
            if (! $one->isSecond) {
                $clear["{$one->scene}/{$one->word}"] = $one;
            }
        }
        $rows = [];
        $before = null;
        foreach ($cut->cues as $number => $cue) {
            $rows[] = CaptionRow::of(
                $short->scenes[$cue->from->scene]->id ?? 0,
                $number,
                $before !== $cue->from->scene,
                $cue,
                $clear["{$cue->from->scene}/{$cue->from->word}"] ?? null,
            );
            $before = $cue->from->scene;
        }

        return $rows;
    }
}
