<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\VoiceBook;
use App\Models\Channel;
use App\Scripts\ScriptChoices;
use App\Shorts\ProblemForOperator;
use Illuminate\Http\Request;
use InvalidArgumentException;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\SplitRule;

/** Reads voice, target and split rule out of a request; what is missing is what is usual. */
trait TakesChoices
{
    private function choices(Request $request, VoiceBook $voices, Channel $channel): ScriptChoices
    {
        return new ScriptChoices(
            $voices->get((string) $request->input('voice', VoiceBook::DEFAULT)),
            TargetProfile::tryFrom((string) $request->input('profile')) ?? TargetProfile::UpTo60,
            $this->splitRule((string) $request->input('split', 'sentence')),
            $channel->name,
            $channel->pronunciations(),
        );
    }

    private function splitRule(string $rule): SplitRule
    {
        try {
            return SplitRule::parse($rule);
        } catch (InvalidArgumentException $problem) {
            throw new ProblemForOperator($problem->getMessage());
        }
    }
}
