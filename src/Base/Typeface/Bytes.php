<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

/** Numbers out of a font file, which are big-endian (ISO/IEC 14496-22); what lies beyond its end is not there. */
final readonly class Bytes
{
    public function __construct(
        private string $bytes,
        private int $from = 0,
        private ?int $length = null,
    ) {
    }

    public function length(): int
    {
        return max(0, min($this->length ?? PHP_INT_MAX, strlen($this->bytes) - $this->from));
    }

    /** The same from a place on. */
    public function at(int $offset, ?int $length = null): self
    {
        return new self($this->bytes, $this->from + $offset, $length);
    }

    /** @throws BrokenTypeface beyond the end */
    public function u16(int $offset): int
    {
        $at = $this->from + $offset;
        if ($offset < 0 || $at + 2 > strlen($this->bytes)) {
            throw new BrokenTypeface('The font file is cut short or broken.');
        }

        return (ord($this->bytes[$at]) << 8) | ord($this->bytes[$at + 1]);
    }

    /** @throws BrokenTypeface beyond the end */
    public function i16(int $offset): int
    {
        $value = $this->u16($offset);

        return $value > 0x7FFF ? $value - 0x10000 : $value;
    }

    /** @throws BrokenTypeface beyond the end */
    public function u32(int $offset): int
    {
        return ($this->u16($offset) << 16) | $this->u16($offset + 2);
    }

    public function text(int $offset, int $length): string
    {
        return $offset < 0 || $length < 1 ? '' : substr($this->bytes, $this->from + $offset, $length);
    }
}
