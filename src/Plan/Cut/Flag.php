<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

/** Something about a short that the operator should know, in plain words. */
final readonly class Flag
{
    public function __construct(
        public FlagCode $code,
        public string $message,
    ) {
    }

    /** @return array{code: string, message: string} */
    public function toArray(): array
    {
        return ['code' => $this->code->value, 'message' => $this->message];
    }

    /** @param  array{code: string, message: string}  $data */
    public static function fromArray(array $data): self
    {
        return new self(FlagCode::from($data['code']), $data['message']);
    }
}
