<?php

declare(strict_types=1);

namespace App\Desks\Machines;

use App\Media\Farm\Farm;
use App\Media\Farm\FarmLink;
use App\Media\Farm\FarmUnreachable;
use App\Media\Farm\Roll;
use App\Shelves\Models\LeftOutMachine;
use RapidReel\Base\Refusal;

/** Which of the machines that help are to make something. */
final readonly class MachinesDesk
{
    public function __construct(
        private FarmLink $link,
        private Roll $roll,
    ) {
    }

    /**
     * @throws Refusal when that is no name of a machine
     */
    public function set(string $name, bool $makes): void
    {
        $name = Farm::name($name);
        $makes ? LeftOutMachine::query()->where('name', $name)->delete()
            : LeftOutMachine::query()->firstOrCreate(['name' => $name]);
        $this->tell();
    }

    /** @return list<string> */
    public function leftOut(): array
    {
        return array_values(LeftOutMachine::query()->orderBy('name')->get()
            ->map(static fn (LeftOutMachine $one): string => $one->name)->all());
    }

    /** Says so to the machines; said again and again, as Redis may have been begun anew and have forgotten. */
    public function tell(): void
    {
        if (! $this->link->isSet()) {
            return;
        }
        try {
            $this->roll->leaveOut($this->leftOut());
        } catch (FarmUnreachable) {
            // It is said as soon as it can be.
        }
    }
}
