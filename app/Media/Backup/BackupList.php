<?php

declare(strict_types=1);

namespace App\Media\Backup;

use JsonException;
use RapidReel\Base\Refusal;

/** What one backup holds: a database and files, each known by its content. */
final readonly class BackupList
{
    private const KIND = 'rapid-reel-backup';

    /**
     * @param  string  $database  hash of its content
     * @param  array<string, array{hash: string, size: int, mark: string}>  $files  by their names below the root of the
     *   media disk; the mark tells whether one was touched since
     */
    public function __construct(
        public string $database,
        public array $files,
    ) {
    }

    /** @throws JsonException */
    public function toJson(): string
    {
        return json_encode(
            ['kind' => self::KIND, 'database' => $this->database, 'files' => $this->files],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES,
        );
    }

    /** @throws Refusal when it is none */
    public static function fromJson(string $json): self
    {
        $data = json_decode($json, true, 6);
        if (
            ! is_array($data) || ($data['kind'] ?? null) !== self::KIND || ! self::isHash($data['database'] ?? null)
            || ! is_array($data['files'] ?? null)
        ) {
            throw new Refusal('That is no list of a backup, or only a part of one.');
        }
        $files = [];
        foreach ($data['files'] as $name => $one) {
            if (! is_array($one) || ! self::isHash($one['hash'] ?? null) || ! is_int($one['size'] ?? null)) {
                throw new Refusal('That is no list of a backup, or only a part of one.');
            }
            $files[(string) $name] = [
                'hash' => (string) $one['hash'], 'size' => $one['size'], 'mark' => (string) ($one['mark'] ?? ''),
            ];
        }

        return new self((string) $data['database'], $files);
    }

    private static function isHash(mixed $value): bool
    {
        return is_string($value) && preg_match('/^[0-9a-f]{32}$/D', $value) === 1;
    }
}
