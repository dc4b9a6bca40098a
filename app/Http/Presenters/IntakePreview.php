<?php

declare(strict_types=1);

namespace App\Http\Presenters;

use App\Shorts\CutMaker;
use App\Shorts\ScriptPlanner;
use RapidReel\Cut\FlagCode;
use RapidReel\Intake\ScriptSource;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\UnusableScript;

/** What the operator sees of scripts before a batch is made of them. */
final readonly class IntakePreview
{
    public function __construct(
        private ScriptPlanner $planner,
        private CutMaker $cuts,
    ) {
    }

    /**
     * @param  list<ScriptSource>  $sources
     * @return list<array<string, mixed>>
     */
    public function of(array $sources, TargetProfile $profile): array
    {
        return array_map(function (ScriptSource $source, int $i) use ($profile): array {
            try {
                return ['number' => $i + 1, 'usable' => true, ...$this->one($source, $profile)];
            } catch (UnusableScript $problem) {
                return ['number' => $i + 1, 'usable' => false, 'problem' => $problem->getMessage(), 'begin' => mb_strimwidth($source->text, 0, 90, '…')];
            }
        }, $sources, array_keys($sources));
    }

    /** @return array<string, mixed> */
    private function one(ScriptSource $source, TargetProfile $profile): array
    {
        $planned = $this->planner->plan($source);
        $cut = $this->cuts->estimate($planned->script->title, $planned->drafts(), $profile);

        return [
            'title' => $planned->script->title,
            'lines' => $planned->script->lines,
            'scenes' => count($planned->scenes),
            'words' => count($cut->words),
            'hook' => $planned->scenes[0]->text,
            'strip' => CutStrip::of($cut),
            'flags' => array_values(array_filter($cut->flags, static fn ($flag): bool => $flag->code !== FlagCode::Estimated)),
        ];
    }
}
