<?php

declare(strict_types=1);

namespace RapidReel\Plan\Settings\Type;

use RapidReel\Base\Refusal;

/** Any of several, known by ids and kept as a list of them with commas; none is an empty one. */
final readonly class SeveralType implements SettingType
{
    public function __construct(public ChoiceType $of)
    {
    }

    /** @throws Refusal when there is no such one */
    public function read(string $written): string
    {
        $ids = [];
        foreach (preg_split('/[,;|]/', $written) ?: [] as $one) {
            if (! in_array(mb_strtolower(trim($one)), ['', 'none'], true)) {
                $ids[] = $this->of->read($one);
            }
        }

        return implode(',', array_unique($ids));
    }

    public function says(int|float|string $value): string
    {
        $named = array_map($this->of->says(...), $this->ids((string) $value));

        return $named === [] ? 'none' : implode(', ', $named);
    }

    /** @return list<string> those that are there still */
    public function ids(string $value): array
    {
        return array_values(array_filter(
            explode(',', $value),
            fn (string $id): bool => $id !== '' && $this->of->stands($id),
        ));
    }

    public function toArray(): array
    {
        return [...$this->of->toArray(), 'type' => 'several'];
    }
}
