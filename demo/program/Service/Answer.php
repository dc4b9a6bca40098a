<?php

declare(strict_types=1);

namespace RapidReel\Demo\Service;

/** What the stand-in for a publishing service answers. */
final readonly class Answer
{
    /** @param  array<string, string>  $headers */
    public function __construct(
        public int $status,
        public string $body = '',
        public array $headers = ['Content-Type' => 'application/json'],
    ) {
    }

    /** @param  array<string, mixed>  $told */
    public static function json(int $status, array $told): self
    {
        return new self($status, json_encode($told, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES));
    }

    public static function refused(int $status, string $why): self
    {
        return self::json($status, ['error' => $why]);
    }
}
