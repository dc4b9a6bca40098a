<?php

declare(strict_types=1);

namespace RapidReel\Demo\Service;

/** Posts of the stand-in: begun under a key, brought in pieces, worked on for a moment, then there or refused. */
final readonly class Posts
{
    private const MOST_SECONDS = 180.0;

    private const MOST_BYTES = 2_000_000_000;

    public function __construct(
        private Store $store,
        private string $address,
        private float $worksFor = 2.0,
    ) {
    }

    /** @param  array<array-key, mixed>  $told */
    public function begin(array $told): Answer
    {
        $text = static fn (string $field): string => is_string($told[$field] ?? null) ? $told[$field] : '';
        $tags = is_array($told['tags'] ?? null) ? $told['tags'] : [];
        $bytes = is_int($told['bytes'] ?? null) ? $told['bytes'] : 0;
        $problem = match (true) {
            preg_match('/^[A-Za-z0-9-]{8,64}$/D', $text('key')) !== 1 => 'A key of 8 to 64 letters is needed.',
            $text('title') === '' || mb_strlen($text('title')) > 100 => 'A title has 1 to 100 letters.',
            mb_strlen($text('description')) > 2_000 => 'A description has at most 2,000 letters.',
            count($tags) > 15 => 'There are at most 15 tags.',
            $bytes < 1 || $bytes > self::MOST_BYTES => 'A file has 1 byte to 2 GB.',
            preg_match('/^[0-9a-f]{64}$/D', $text('sha256')) !== 1 => 'The hash of the file is needed.',
            default => '',
        };
        if ($problem !== '') {
            return Answer::refused(422, $problem);
        }
        $values = [
            $text('title'), $text('description'), json_encode(array_values($tags), JSON_THROW_ON_ERROR),
            $text('language'), $text('visibility') === 'draft' ? 'draft' : 'public', $bytes, $text('sha256'),
        ];
        $known = $this->store->one('SELECT * FROM posts WHERE key = ?', [$text('key')]);
        if ($known === null) {
            $id = 'v'.bin2hex(random_bytes(6));
            $this->store->run('INSERT OR IGNORE INTO posts (id, key, state, title, description, tags, language, '
                .'visibility, bytes, sha256, made) VALUES (?, ?, \'arriving\', ?, ?, ?, ?, ?, ?, ?, ?)', [
                    $id, $text('key'), ...$values, time(),
                ]);
        } elseif ($known['state'] === 'arriving') {
            if ($known['sha256'] !== $text('sha256')) {
                @unlink($this->store->file((string) $known['id']));
            }
            $this->store->run('UPDATE posts SET title = ?, description = ?, tags = ?, language = ?, visibility = ?, '
                .'bytes = ?, sha256 = ? WHERE key = ?', [...$values, $text('key')]);
        }

        return $this->told('key', $text('key'), $known === null ? 201 : 200);
    }

    public function piece(string $id, int $offset, string $bytes): Answer
    {
        $post = $this->store->one("SELECT * FROM posts WHERE id = ? AND state = 'arriving'", [$id]);
        if ($post === null) {
            return Answer::refused(404, 'Nothing waits for a file under this id.');
        }
        $file = fopen($this->store->file($id), 'c');
        if ($file === false || ! flock($file, LOCK_EX)) {
            return Answer::refused(503, 'It cannot be kept at this moment.');
        }
        $has = (int) (fstat($file)['size'] ?? 0);
        // What was there before is not asked for twice; what is missing before it is.
        if ($offset <= $has && $offset + strlen($bytes) <= (int) $post['bytes']) {
            fseek($file, $offset);
            fwrite($file, $bytes);
            $has = max($has, $offset + strlen($bytes));
        }
        fclose($file);

        return Answer::json(200, ['offset' => $has]);
    }

    public function cover(string $id, string $bytes): Answer
    {
        if ($this->store->one('SELECT id FROM posts WHERE id = ?', [$id]) === null) {
            return Answer::refused(404, 'There is no such post.');
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG) {
            return Answer::refused(422, 'A cover is a JPEG.');
        }
        file_put_contents("{$this->store->folder}/files/$id.jpg", $bytes);

        return new Answer(204);
    }

    public function finish(string $id): Answer
    {
        $post = $this->store->one('SELECT * FROM posts WHERE id = ?', [$id]);
        if ($post === null) {
            return Answer::refused(404, 'There is no such post.');
        }
        if ($post['state'] === 'arriving') {
            $file = $this->store->file($id);
            if (! is_file($file) || filesize($file) !== (int) $post['bytes']) {
                return Answer::refused(409, 'The file is not whole yet.');
            }
            $problem = hash_file('sha256', $file) === $post['sha256'] ? self::problem($file) : 'The file came damaged.';
            // Only one of two that finish the same at once; a post that is there twice could be seen here.
            $this->store->run('UPDATE posts SET state = ?, error = ?, finished = ?, times = times + 1 WHERE id = ? '
                ."AND state = 'arriving'", [$problem === '' ? 'processing' : 'refused', $problem, time(), $id]);
        }

        return $this->told('id', $id, 200);
    }

    public function find(string $key): Answer
    {
        $post = $this->store->one('SELECT * FROM posts WHERE key = ?', [$key]);

        return Answer::json(200, ['posts' => $post === null ? [] : [$this->row($post)]]);
    }

    /** @param  list<string>  $ids */
    public function results(array $ids): Answer
    {
        $rows = [];
        foreach (array_slice($ids, 0, 50) as $id) {
            $post = $this->store->one("SELECT * FROM posts WHERE id = ? AND state IN ('processing', 'public')", [$id]);
            if ($post !== null) {
                $age = time() - (int) $post['finished'];
                $growth = new Growth((string) $post['key'], (string) $post['title']);
                $rows[] = [
                    'id' => $id, 'at' => time(), 'views' => $growth->views($age), 'likes' => $growth->likes($age),
                    'watch_seconds' => $growth->watchSeconds($age),
                ];
            }
        }

        return Answer::json(200, ['results' => $rows]);
    }

    public function told(string $by, string $value, int $status): Answer
    {
        $post = $this->store->one("SELECT * FROM posts WHERE $by = ?", [$value]);

        return $post === null ? Answer::refused(404, 'There is no such post.') : Answer::json($status,
            $this->row($post));
    }

    /**
     * @param  array<string, int|string>  $post
     * @return array<string, int|string>
     */
    private function row(array $post): array
    {
        $file = $this->store->file((string) $post['id']);
        if ($post['state'] === 'processing' && time() - (int) $post['finished'] >= $this->worksFor) {
            $post['state'] = $post['visibility'];
            $this->store->run('UPDATE posts SET state = ? WHERE id = ?', [$post['state'], $post['id']]);
        }
        clearstatcache(true, $file);

        return [
            'id' => $post['id'], 'key' => $post['key'], 'state' => $post['state'], 'error' => $post['error'],
            'offset' => is_file($file) ? (int) filesize($file) : 0,
            'address' => "{$this->address}/watch/{$post['id']}",
        ];
    }

    /** What it takes is an MP4, and not too long: read off the file itself. */
    private static function problem(string $file): string
    {
        if (getenv('REEL_SERVICE_ANY_FILE') === 'yes') {
            return '';
        }
        exec('ffprobe -v error -protocol_whitelist file -show_entries format=duration,format_name -of csv=p=0 '
            .escapeshellarg($file), $lines, $status);
        [$form, $seconds] = [strstr($lines[0] ?? '', '"', true) ?: ($lines[0] ?? ''), 0.0];
        if (preg_match('/,?([\d.]+)$/', $lines[0] ?? '', $found) === 1) {
            $seconds = (float) $found[1];
        }

        return match (true) {
            $status !== 0 || ! str_contains($lines[0] ?? '', 'mp4') => 'The file is no MP4.',
            $seconds > self::MOST_SECONDS => sprintf('A short has at most %d s; this has %.1f.', self::MOST_SECONDS,
                $seconds),
            default => '',
        };
    }
}
