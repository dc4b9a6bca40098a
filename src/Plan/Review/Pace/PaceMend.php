<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Pace;

/** What would mend a finding: a setting of the short or of a scene, or a length that it is brought to. */
final readonly class PaceMend
{
    /**
     * @param  string  $does  "tighten", "stretch", or the key of a setting
     * @param  int|string  $value  ms, or what is set
     * @param  bool  $isOfScene  whether it is set for the scene alone
     */
    public function __construct(
        public string $label,
        public string $does,
        public int|string $value,
        public bool $isOfScene = false,
    ) {
    }

    /** @return array<string, int|string> */
    public function toArray(): array
    {
        return [
            'label' => $this->label, 'does' => $this->does, 'value' => $this->value,
            'level' => $this->isOfScene ? 'scene' : 'short',
        ];
    }
}
