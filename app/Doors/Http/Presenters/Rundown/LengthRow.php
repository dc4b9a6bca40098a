<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Rundown;

use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use RapidReel\Plan\Pace\PacePlan;
use RapidReel\Plan\Pace\PaceStep;

/** What it takes to bring one short to a length. */
final readonly class LengthRow
{
    public string $says;

    /** @var list<string> what is no longer said */
    public array $gone;

    /** @param  PacePlan|null  $plan  null where not all of it is voiced yet */
    public function __construct(
        public Short $short,
        public ?PacePlan $plan,
    ) {
        $this->says = $plan === null
            ? 'Not all of it is voiced yet. It will be in a moment; look again then.'
            : $plan->says();
        $this->gone = array_map(
            static fn (Scene $scene): string => $scene->text,
            $plan !== null && $plan->reaches()
                ? array_values(array_intersect_key($short->scenes->all(), array_flip($plan->dropped)))
                : [],
        );
    }

    /** What is changed, in a line. */
    public function by(): string
    {
        if ($this->plan === null || ! $this->plan->reaches() || ! $this->plan->changes()) {
            return $this->says;
        }

        return implode(' · ', array_map(
            fn (PaceStep $step): string => lcfirst($step->kind->label()).' '.$step->to,
            array_filter($this->plan->steps, static fn (PaceStep $step): bool => $step->isTaken()),
        ));
    }

    public function isReady(): bool
    {
        return $this->plan !== null && $this->plan->reaches() && $this->plan->changes();
    }

    public function seconds(int $ms): string
    {
        return ($ms < 0 ? '+' : '−').number_format(abs($ms) / 1000, 2).' s';
    }

    public function clock(int $ms): string
    {
        return number_format($ms / 1000, 2).' s';
    }
}
