<?php

declare(strict_types=1);

namespace App\Media\Disk;

use JsonException;
use RapidReel\Base\Refusal;

/** What filled the media disk when it was measured. All sizes are in bytes. */
final readonly class DiskUse
{
    private const VERSION = 1;

    /**
     * @param  int  $at  Unix time
     * @param  array<string, array{int, int}>  $kinds  files and bytes, by the value of their `DiskKind`
     * @param  array<int, array<string, int>>  $batches  bytes by kind, by the id of the batch that they are of
     * @param  int  $strays  finished files that no export knows of
     * @param  int  $database  the database, with its copies of before upgrades
     * @param  string  $said  what the last act came to, or why it could not be done
     */
    public function __construct(
        public int $at,
        public array $kinds,
        public array $batches,
        public int $strays,
        public int $database,
        public string $said = '',
    ) {
    }

    public function bytes(DiskKind $kind): int
    {
        return $this->kinds[$kind->value][1] ?? 0;
    }

    public function files(DiskKind $kind): int
    {
        return $this->kinds[$kind->value][0] ?? 0;
    }

    /** All of it, the database too. */
    public function whole(): int
    {
        return array_sum(array_column($this->kinds, 1)) + $this->database;
    }

    /** What the budget counts. */
    public function madeAgain(): int
    {
        $bytes = 0;
        foreach (DiskKind::cases() as $kind) {
            $bytes += $kind->worth() === null ? 0 : $this->bytes($kind);
        }

        return $bytes;
    }

    /** @throws JsonException */
    public function toJson(): string
    {
        return json_encode([
            'version' => self::VERSION, 'at' => $this->at, 'kinds' => $this->kinds, 'batches' => $this->batches,
            'strays' => $this->strays, 'database' => $this->database, 'said' => $this->said,
        ], JSON_THROW_ON_ERROR);
    }

    /** @throws Refusal when it is none */
    public static function fromJson(string $json): self
    {
        $data = json_decode($json, true, 8);
        if (! is_array($data) || ($data['version'] ?? null) !== self::VERSION) {
            throw new Refusal('That is no measurement of a disk.');
        }
        $kinds = $batches = [];
        foreach ((array) ($data['kinds'] ?? []) as $kind => $counted) {
            [$files, $bytes] = array_pad(array_values((array) $counted), 2, 0);
            $kinds[(string) $kind] = [(int) $files, (int) $bytes];
        }
        foreach ((array) ($data['batches'] ?? []) as $batch => $kindsOf) {
            $batches[(int) $batch] = array_map(intval(...), (array) $kindsOf);
        }

        return new self(
            (int) ($data['at'] ?? 0), $kinds, $batches, (int) ($data['strays'] ?? 0), (int) ($data['database'] ?? 0),
            (string) ($data['said'] ?? ''),
        );
    }
}
