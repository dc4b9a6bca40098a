<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use RapidReel\Making\Publish\Results\Point;

/** A publishing service over HTTP; its protocol stands in docs/publishing-service.openapi.json. */
final readonly class ServiceDoor implements OutletDoor
{
    private const IDS_AT_ONCE = 50;

    /** How often a service may say that it has another part of a file than it just said. */
    private const MOST_JUMPS = 20;

    public function __construct(
        private ServiceLine $line,
        private int $pieceBytes,
    ) {
    }

    public function find(string $key): ?Sent
    {
        $told = $this->line->ask('GET', '/posts', ['key' => $key]);
        $posts = $told['posts'] ?? null;
        if (! is_array($posts) || ! array_is_list($posts)) {
            throw self::nonsense();
        }

        return $posts === [] ? null : self::sent($posts[0], $key);
    }

    public function send(Parcel $parcel, callable $sent): Sent
    {
        $listing = $parcel->listing;
        $post = self::sent($this->line->ask('POST', '/posts', [
            'key' => $parcel->key,
            'title' => $listing->title,
            'description' => $listing->description,
            'tags' => $listing->tags,
            'language' => $listing->language,
            'visibility' => $parcel->asDraft ? 'draft' : 'public',
            'bytes' => $parcel->bytes,
            'sha256' => $parcel->sha256,
        ]), $parcel->key);
        if ($post->state !== SentState::Arriving) {
            return $post;
        }
        $this->upload($post, $parcel, $sent);
        if ($parcel->cover !== '') {
            $this->line->ask('PUT', "/posts/$post->id/cover", $parcel->cover, ['Content-Type' => 'image/jpeg']);
        }
        $sent(100);

        return self::sent($this->line->ask('POST', "/posts/$post->id/finish"), $parcel->key);
    }

    public function results(array $ids): array
    {
        $points = [];
        foreach (array_chunk($ids, self::IDS_AT_ONCE) as $some) {
            $told = $this->line->ask('GET', '/results', ['ids' => implode(',', $some)]);
            $rows = is_array($told['results'] ?? null) ? $told['results'] : throw self::nonsense();
            foreach ($rows as $row) {
                $id = is_array($row) ? ($row['id'] ?? null) : null;
                if (is_array($row) && is_string($id) && in_array($id, $some, true)) {
                    $points[$id] = self::point($row);
                }
            }
        }

        return $points;
    }

    /**
     * @param  callable(int): void  $sent
     *
     * @throws OutletFailure
     */
    private function upload(Sent $post, Parcel $parcel, callable $sent): void
    {
        $file = @fopen($parcel->file, 'rb');
        if ($file === false) {
            throw OutletFailure::refused('The file is not there any more. Export the short again.');
        }
        try {
            $offset = $post->offset;
            for ($jumps = 0; $offset < $parcel->bytes;) {
                $sent((int) floor(100 * $offset / max(1, $parcel->bytes)));
                fseek($file, $offset);
                $piece = (string) fread($file, max(1, min($this->pieceBytes, $parcel->bytes - $offset)));
                if ($piece === '') {
                    throw OutletFailure::refused('The file is shorter than it was. Export the short again.');
                }
                $told = $this->line->ask('PATCH', "/posts/$post->id/file", $piece, [
                    'Content-Type' => 'application/offset+octet-stream', 'Upload-Offset' => (string) $offset,
                ]);
                $next = $told['offset'] ?? null;
                if (! is_int($next) || $next < 0 || $next > $parcel->bytes) {
                    throw self::nonsense();
                }
                // It has another part than was thought: from there on, but not for ever.
                if ($next !== $offset + strlen($piece) && ++$jumps > self::MOST_JUMPS) {
                    throw self::nonsense();
                }
                $offset = $next;
            }
        } finally {
            fclose($file);
        }
    }

    /** @throws OutletFailure */
    private static function sent(mixed $told, string $key): Sent
    {
        $text = static fn (string $field): string => is_array($told) && is_string($told[$field] ?? null)
            ? $told[$field]
            : '';
        $state = match ($text('state')) {
            'arriving' => SentState::Arriving,
            'processing' => SentState::Processing,
            'public', 'draft' => SentState::Posted,
            'refused' => SentState::Refused,
            default => throw self::nonsense(),
        };
        // An answer about something else is none.
        if ($text('key') !== $key || preg_match('/^[A-Za-z0-9_-]{1,100}$/D', $text('id')) !== 1) {
            throw self::nonsense();
        }
        $offset = is_array($told) ? ($told['offset'] ?? 0) : 0;
        $address = preg_match('#^https?://\S{1,500}$#D', $text('address')) === 1 ? $text('address') : '';

        return new Sent(
            $state, $text('id'), $address, mb_strimwidth(mb_scrub($text('error')), 0, 300, '…'),
            is_int($offset) && $offset >= 0 ? $offset : throw self::nonsense(),
        );
    }

    /**
     * @param  array<array-key, mixed>  $row
     *
     * @throws OutletFailure
     */
    private static function point(array $row): Point
    {
        $whole = static fn (string $field): ?int => is_int($row[$field] ?? null) && $row[$field] >= 0
            ? $row[$field]
            : null;
        $number = static fn (string $field): ?float => is_int($row[$field] ?? null) || is_float($row[$field] ?? null)
            ? (float) $row[$field]
            : null;
        $earned = $number('earnings');
        $currency = $row['currency'] ?? '';

        return new Point(
            $whole('at') ?? throw self::nonsense(),
            $whole('views') ?? throw self::nonsense(),
            $whole('likes'),
            $number('watch_seconds'),
            $earned === null ? null : (int) round(1_000_000 * $earned),
            is_string($currency) && preg_match('/^[A-Z]{3}$/D', $currency) === 1 ? $currency : '',
        );
    }

    private static function nonsense(): OutletFailure
    {
        return OutletFailure::later('It answered something that cannot be understood.');
    }
}
