<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Gateways\Voices\Voice;
use App\Shorts\SceneDraft;
use DateTimeImmutable;
use RapidReel\Intake\ScriptSource;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\Manuscript;
use RapidReel\Script\Scene;
use RapidReel\Script\Script;
use RapidReel\Script\SplitRule;
use RapidReel\Voice\Delivery;

/** A script that is clean and split, with all that was settled for it. */
final readonly class PlannedScript
{
    /**
     * @param  non-empty-list<Scene>  $scenes
     * @param  list<string>  $warnings  what was written along with it and could not be used
     * @param  array<string, string>  $pronunciations
     */
    public function __construct(
        public ScriptSource $source,
        public Script $script,
        public array $scenes,
        public Voice $voice,
        public TargetProfile $profile,
        public SplitRule $split,
        public ?DateTimeImmutable $publishAt,
        public array $warnings,
        public array $pronunciations = [],
    ) {
    }

    /** @return non-empty-list<SceneDraft> */
    public function drafts(): array
    {
        return array_map(fn (Scene $scene): SceneDraft => new SceneDraft($scene, $this->voice, new Delivery(pronunciations: $this->pronunciations)), $this->scenes);
    }

    /** @param  non-empty-list<Scene>  $scenes  what is left of it */
    public function saying(array $scenes): self
    {
        return new self($this->source, $this->script, $scenes, $this->voice, $this->profile, $this->split, $this->publishAt, $this->warnings, $this->pronunciations);
    }

    public function manuscript(): Manuscript
    {
        return Manuscript::fresh($this->scenes, $this->script->notes($this->scenes));
    }
}
