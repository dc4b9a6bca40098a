<?php

declare(strict_types=1);

namespace RapidReel\Making\Order;

use JsonException;
use RapidReel\Base\JsonFields;
use RapidReel\Voice\Speech\Delivery;
use RapidReel\Voice\Speech\Tempo;
use ValueError;

/** That a raw take has its dead air cut, and the tempo that is asked for. */
final readonly class TightTake implements Order
{
    /** Raised whenever the same take is cut otherwise than before. */
    private const VERSION = 3;

    /**
     * @param  string  $raw  key of the take that it is made of
     * @param  int|null  $deadAirMs  what pauses inside are shortened to; null leaves them
     * @param  list<int>  $keptPauses  numbers of words after which the pause stays as it is
     * @param  int  $tempo  percent
     */
    public function __construct(
        public string $raw,
        public ?int $deadAirMs,
        public array $keptPauses,
        public int $tempo,
    ) {
    }

    /** @param  string  $raw  key of the take that it is made of */
    public static function of(string $raw, Delivery $how): self
    {
        return new self($raw, $how->deadAirMs, $how->keptPauses, $how->tempo);
    }

    /** The same take in its usual tempo. */
    public function untouchedTempo(): self
    {
        return new self($this->raw, $this->deadAirMs, $this->keptPauses, Tempo::USUAL);
    }

    public function kind(): OrderKind
    {
        return OrderKind::Take;
    }

    /** That of the raw take where nothing is to be done to it. */
    public function key(): string
    {
        if ($this->tempo !== Tempo::USUAL) {
            return hash('sha256', implode("\0", [
                'tempo', self::VERSION, $this->untouchedTempo()->key(), $this->tempo,
            ]));
        }

        return $this->deadAirMs === null ? $this->raw : hash('sha256', implode("\0", [
            'tight', self::VERSION, $this->raw, $this->deadAirMs, implode(',', $this->keptPauses),
        ]));
    }

    public function toJson(): string
    {
        return json_encode([
            'take' => $this->raw, 'dead_air_ms' => $this->deadAirMs, 'kept_pauses' => $this->keptPauses,
            'tempo' => $this->tempo,
        ], JSON_THROW_ON_ERROR);
    }

    /**
     * @throws JsonException
     * @throws ValueError where it is no such order
     */
    public static function fromJson(string $json): self
    {
        $order = JsonFields::of($json);

        return new self(
            $order->text('take', '/^[0-9a-f]{64}$/'),
            $order->has('dead_air_ms') ? $order->whole('dead_air_ms', 0, 60_000) : null,
            $order->numbers('kept_pauses'),
            $order->whole('tempo', Tempo::SLOWEST, Tempo::FASTEST),
        );
    }
}
