<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use RapidReel\Plan\Review\Pace\PaceMend;
use RapidReel\Plan\Settings\Level;

/** What would mend a finding, at the place of that. */
final readonly class FindingMend
{
    /**
     * @param  string  $label  what it does, as a button says it
     * @param  string  $key  of a setting, or which way
     * @param  int|string  $value  what is set, or ms
     * @param  Level  $level  at which a setting is set
     */
    public function __construct(
        public MendDeed $deed,
        public string $label,
        public string $key = '',
        public int|string $value = '',
        public Level $level = Level::Short,
    ) {
    }

    public static function ofPace(PaceMend $mend): self
    {
        return match ($mend->does) {
            'tighten' => new self(MendDeed::Tighten, $mend->label, value: $mend->value),
            'stretch' => new self(MendDeed::Stretch, $mend->label, value: $mend->value),
            default => new self(
                MendDeed::Set, $mend->label, $mend->does, $mend->value,
                $mend->isOfScene ? Level::Scene : Level::Short,
            ),
        };
    }

    /** @return array{deed: string, label: string, key: string, value: int|string, level: string} */
    public function toArray(): array
    {
        return [
            'deed' => $this->deed->value, 'label' => $this->label, 'key' => $this->key, 'value' => $this->value,
            'level' => $this->level->value,
        ];
    }

    /** @param  array{deed: string, label: string, key: string, value: int|string, level: string}  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            MendDeed::from($data['deed']), $data['label'], $data['key'], $data['value'], Level::from($data['level']),
        );
    }
}
