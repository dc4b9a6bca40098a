<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use InvalidArgumentException;
use RapidReel\Text\Script\SceneRole;

/** A scene in its place: its take plays from its start, its shots fill it without a gap. */
final readonly class CutScene
{
    /**
     * @param  string  $take  key of the recording; empty in a plan that is not voiced
     * @param  non-empty-list<CutShot>|array{}  $shots  empty in a plan without pictures
     */
    public function __construct(
        public SceneRole $role,
        public string $text,
        public int $startMs,
        public int $endMs,
        public string $take,
        public array $shots,
    ) {
        $at = $startMs;
        foreach ($shots as $shot) {
            if ($shot->startMs !== $at) {
                throw new InvalidArgumentException('The shots of a scene must fill it.');
            }
            $at = $shot->endMs;
        }
        if ($shots !== [] && $at !== $endMs) {
            throw new InvalidArgumentException('The shots of a scene must fill it.');
        }
    }

    /** @return list<string> ids of what its shots show, in order */
    public function footage(): array
    {
        return array_map(static fn (CutShot $shot): string => $shot->source->footage, $this->shots);
    }

    /** @param  callable(CutShot): CutShot  $change */
    public function withShots(callable $change): self
    {
        return new self(
            $this->role, $this->text, $this->startMs, $this->endMs, $this->take, array_map($change, $this->shots),
        );
    }
}
