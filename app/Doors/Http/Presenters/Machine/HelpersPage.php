<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

use App\Desks\Machines\MachinesDesk;
use App\Media\Farm\FarmLink;
use App\Media\Farm\FarmUnreachable;
use App\Media\Farm\MakerReport;
use App\Media\Farm\Roll;
use App\Media\Farm\Toolprint;

/** The machines that make: what each is at, how fast it is, what it failed at. */
final readonly class HelpersPage
{
    public function __construct(
        private FarmLink $link,
        private Roll $roll,
        private MachinesDesk $desk,
    ) {
    }

    public function of(): HelpersView
    {
        if (! $this->link->isSet()) {
            return new HelpersView(false);
        }
        $tools = app(Toolprint::class);
        try {
            $makers = $this->roll->makers();
            $speeds = $this->roll->speeds();
            $failures = $this->roll->failures();
        } catch (FarmUnreachable $away) {
            return new HelpersView(true, $away->getMessage());
        }
        $leftOut = $this->desk->leftOut();
        $rows = [];
        $own = $speeds[MakerReport::MAIN] ?? null;
        foreach (array_unique([MakerReport::MAIN, ...array_column($makers, 'machine'), ...$leftOut]) as $name) {
            $its = array_values(array_filter(
                $makers, static fn (MakerReport $one): bool => $one->machine === $name,
            ));
            $rows[] = new HelperRow(
                $name, $its, $name === MakerReport::MAIN ? $tools : ($its[0] ?? null)?->tools,
                ($speeds[$name] ?? null) === null || $own === null ? null : $speeds[$name] / $own,
                in_array($name, $leftOut, true), $tools,
            );
        }

        return new HelpersView(true, '', $rows, $failures);
    }
}
