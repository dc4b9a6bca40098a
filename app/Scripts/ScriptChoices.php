<?php

declare(strict_types=1);

namespace App\Scripts;

use App\Gateways\Voices\Voice;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\SplitRule;

/** What holds for all scripts of an intake, unless a script says otherwise. */
final readonly class ScriptChoices
{
    /**
     * @param  string  $channel  its name, which is no hook
     * @param  array<string, string>  $pronunciations  how to say it, by what is written
     */
    public function __construct(
        public Voice $voice,
        public TargetProfile $profile,
        public SplitRule $split,
        public string $channel = '',
        public array $pronunciations = [],
    ) {
    }
}
