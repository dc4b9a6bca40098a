<?php

declare(strict_types=1);

namespace RapidReel\Demo\Service;

use PDO;

/** What the stand-in for a publishing service keeps: a folder with a small database and the files. */
final readonly class Store
{
    public PDO $rows;

    public function __construct(public string $folder)
    {
        @mkdir("$folder/files", 0o777, true);
        $this->rows = new PDO("sqlite:$folder/service.sqlite", options: [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC,
            PDO::ATTR_TIMEOUT => 20,
        ]);
        $this->rows->exec('PRAGMA journal_mode = WAL; PRAGMA synchronous = OFF;
            CREATE TABLE IF NOT EXISTS posts (id TEXT PRIMARY KEY, key TEXT UNIQUE, state TEXT, title TEXT,
                description TEXT, tags TEXT, language TEXT, visibility TEXT, bytes INTEGER, sha256 TEXT,
                error TEXT DEFAULT \'\', finished INTEGER DEFAULT 0, times INTEGER DEFAULT 0, made INTEGER);
            CREATE TABLE IF NOT EXISTS codes (code TEXT PRIMARY KEY, challenge TEXT, back TEXT, made INTEGER);
            CREATE TABLE IF NOT EXISTS tokens (token TEXT PRIMARY KEY, kind TEXT, family TEXT, ends INTEGER);
            CREATE TABLE IF NOT EXISTS counts (minute INTEGER PRIMARY KEY, requests INTEGER);');
    }

    /**
     * @param  list<int|string>  $with
     * @return array<string, int|string>|null
     */
    public function one(string $sql, array $with = []): ?array
    {
        $statement = $this->rows->prepare($sql);
        $statement->execute($with);
        $row = $statement->fetch();

        return is_array($row) ? $row : null;
    }

    /**
     * @param  list<int|string>  $with
     * @return list<array<string, int|string>>
     */
    public function all(string $sql, array $with = []): array
    {
        $statement = $this->rows->prepare($sql);
        $statement->execute($with);

        return array_values($statement->fetchAll());
    }

    /** @param  list<int|string>  $with */
    public function run(string $sql, array $with = []): int
    {
        $statement = $this->rows->prepare($sql);
        $statement->execute($with);

        return $statement->rowCount();
    }

    public function file(string $id): string
    {
        return "$this->folder/files/$id.mp4";
    }
}
