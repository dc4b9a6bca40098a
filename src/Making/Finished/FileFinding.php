<?php

declare(strict_types=1);

namespace RapidReel\Making\Finished;

/** Something about a finished video that speaks against its leaving. */
final readonly class FileFinding
{
    /**
     * @param  array{int, int}|null  $span  from when until when, in ms of the file; null for all of it
     */
    public function __construct(
        public FileFault $fault,
        public string $message,
        public ?array $span = null,
    ) {
    }

    /** One whose bytes are not those that were written. */
    public static function changed(): self
    {
        return new self(
            FileFault::Broken, 'It was changed, damaged or deleted on the disk since it was made.',
        );
    }

    /** @return array{code: string, stops: bool, message: string, start_ms: int|null, end_ms: int|null} */
    public function toArray(): array
    {
        return [
            'code' => $this->fault->value, 'stops' => $this->fault->stops(), 'message' => $this->message,
            'start_ms' => $this->span[0] ?? null, 'end_ms' => $this->span[1] ?? null,
        ];
    }
}
