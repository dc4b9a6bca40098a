<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Captions;

use App\Desks\Editing\EditBook;
use App\Doors\Http\Presenters\HistoryLine;
use App\Doors\Http\Presenters\ScopeControl;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofDesk;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Short;
use RapidReel\Captions\Contrast\MendKind;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Captions\Style\StyleFields;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Settings\CaptionSettings;
use RapidReel\Plan\Settings\Level;

/** The captions of a short as their page shows them: time runs down. */
final readonly class CaptionsPage
{
    private const MAIN = ['caption_style', 'captions_shown', 'dim'];

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
        $script = AssWriter::write($cut->cues, $cut->grid()->fps, 0, 0, $cut->frames());
        $proof = Proof::of($short);
        $isFresh = $this->proofs->isFresh($short);
        $fresh = $isFresh ? $proof : null;
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

        return new CaptionsView(
            $short,
            $this->rows($short, $cut, $fresh),
            $controls(self::MAIN),
            array_map($controls, $groups),
            $script->ass,
            array_map(static fn (string $face): string => route('faces.file', $face), $script->faces),
            $proof === null ? null : route('proofs.file', [$short, 'v' => substr($proof->key, 0, 12)]),
            $isFresh,
            $short->proof_problem,
            $fresh === null ? 0 : count($fresh->faint()),
            self::mends($fresh),
            $cut->form->shape,
            $cut->durationMs / 1000,
            $this->edits->last($short),
            $this->edits->next($short),
            HistoryLine::of($short),
        );
    }

    /** @return list<CaptionRow> */
    private function rows(Short $short, Cut $cut, ?Proof $proof): array
    {
        $clear = [];
        foreach ($proof->cues ?? [] as $one) {
            $clear["{$one->scene}/{$one->word}"] = $one;
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

    /** @return array<string, array{label: string, count: int}> */
    private static function mends(?Proof $proof): array
    {
        $mends = [];
        foreach ($proof?->faint() ?? [] as $cue) {
            foreach ($cue->mends as $mend) {
                $kind = MendKind::from($mend['kind']);
                $mends[$kind->value] = [
                    'label' => $kind->label(), 'count' => ($mends[$kind->value]['count'] ?? 0) + 1,
                ];
            }
        }

        return $mends;
    }
}
