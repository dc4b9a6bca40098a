<?php

declare(strict_types=1);

namespace RapidReel\Plan\Choice;

/**
 * A way for one picture to go over into the next that takes time: of the first, whose last moments it is seen over. So
 * it ends where the next begins, and moves no word and no caption.
 */
final readonly class Transition
{
    /** Between all pictures of a short (common practice, no published source). */
    public const USUAL_MS = 200;

    /** @param  int  $ms  how long it takes */
    public function __construct(
        public TransitionKind $kind,
        public int $ms = self::USUAL_MS,
    ) {
    }

    /** One that is seen; null for a plain cut. */
    public static function seen(TransitionKind $kind, int $ms): ?self
    {
        return $kind === TransitionKind::Cut || $ms <= 0 ? null : new self($kind, $ms);
    }

    /** @return array{kind: string, ms: int} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value, 'ms' => $this->ms];
    }

    /** @param  array{kind: string, ms: int}|null  $data */
    public static function fromArray(?array $data): ?self
    {
        return $data === null ? null : new self(TransitionKind::from($data['kind']), $data['ms']);
    }
}
