<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Pace;

/** A number of a pace report, with what is common practice beside it (no published source). */
final readonly class PaceMeasure
{
    public function __construct(
        public string $label,
        public string $key,
        public float $value,
        public string $unit,
        public ?float $least,
        public ?float $most,
    ) {
    }

    public function isUsual(): bool
    {
        return ($this->least === null || $this->value >= $this->least) &&
            ($this->most === null || $this->value <= $this->most);
    }

    public function says(): string
    {
        return self::number($this->value).($this->unit === '' ? '' : ' '.$this->unit);
    }

    /** What is usual, in words. */
    public function practice(): string
    {
        return match (true) {
            $this->least === null && $this->most === 0.0 => 'usually none',
            $this->least === null => 'usually at most '.self::number((float) $this->most),
            default => sprintf('usually %s to %s', self::number($this->least), self::number((float) $this->most)),
        };
    }

    /** @return array{key: string, value: float, least: float|null, most: float|null, usual: bool} */
    public function toArray(): array
    {
        return [
            'key' => $this->key, 'value' => $this->value, 'least' => $this->least, 'most' => $this->most,
            'usual' => $this->isUsual(),
        ];
    }

    public static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
