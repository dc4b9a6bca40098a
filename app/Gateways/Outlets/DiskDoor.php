<?php

declare(strict_types=1);

namespace App\Gateways\Outlets;

use Illuminate\Contracts\Filesystem\Filesystem;
use JsonException;
use League\Flysystem\FilesystemException;
use Throwable;

/**
 * A folder, here or on a server, or a disk like S3: each short is a video, its cover and a file of its texts. The last
 * to appear is the file of texts, which holds the key: where it is, all is.
 */
final readonly class DiskDoor implements OutletDoor
{
    /**
     * @param  string  $folder  below which all of it stands
     * @param  bool  $moves  whether what is put there may be seen half-written, and so is put under another name first
     */
    public function __construct(
        private Filesystem $disk,
        private string $folder,
        private bool $moves = true,
    ) {
    }

    public function find(string $key): ?Sent
    {
        $mark = $this->markOf($key);

        return $this->guarded(fn (): ?Sent => $this->disk->exists($mark)
            ? new Sent(SentState::Posted, (string) $this->disk->get($mark))
            : null);
    }

    public function send(Parcel $parcel, callable $sent): Sent
    {
        $name = "$this->folder/$parcel->name-".substr(hash('xxh64', $parcel->key), 0, 8);

        return $this->guarded(function () use ($parcel, $sent, $name): Sent {
            $file = @fopen($parcel->file, 'rb');
            if ($file === false) {
                throw OutletFailure::refused('The file is not there any more. Export the short again.');
            }
            $sent(0);
            $this->put("$name.mp4", $file);
            $sent(90);
            if ($parcel->cover !== '') {
                $this->put("$name.jpg", $parcel->cover);
            }
            $this->put("$name.json", self::texts($parcel, basename($name).'.mp4'));
            $this->put($this->markOf($parcel->key), "$name.mp4");
            $sent(100);

            return new Sent(SentState::Posted, "$name.mp4");
        });
    }

    /** A folder counts no views. */
    public function results(array $ids): array
    {
        return [];
    }

    /** By which it is known again, whatever the short is called by then. */
    private function markOf(string $key): string
    {
        return "$this->folder/.posted/".hash('xxh128', $key);
    }

    /**
     * @param  string|resource  $content
     *
     * @throws OutletFailure
     */
    private function put(string $name, mixed $content): void
    {
        $under = $this->moves ? dirname($name).'/.'.basename($name).'.part' : $name;
        $done = $this->disk->put($under, $content);
        // Servers need not replace what is there, as it is where one ended in the middle of this.
        if ($under !== $name && $this->disk->exists($name)) {
            $this->disk->delete($name);
        }
        if ($done !== true || ($this->moves && ! $this->disk->move($under, $name))) {
            throw OutletFailure::later('It takes nothing: is there room, and may this machine write there?');
        }
    }

    /** @throws OutletFailure */
    private static function texts(Parcel $parcel, string $file): string
    {
        try {
            return json_encode([
                'file' => $file,
                'title' => $parcel->listing->title,
                'description' => $parcel->listing->description,
                'tags' => $parcel->listing->tags,
                'language' => $parcel->listing->language,
                'draft' => $parcel->asDraft,
                'sha256' => $parcel->sha256,
            ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
        } catch (JsonException) {
            throw OutletFailure::refused('Its texts hold something that is no text.');
        }
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     *
     * @throws OutletFailure
     */
    private function guarded(callable $work): mixed
    {
        try {
            return $work();
        } catch (OutletFailure $failure) {
            throw $failure;
        } catch (Throwable $problem) {
            if ($problem instanceof FilesystemException || str_starts_with($problem::class, 'phpseclib')
                || str_starts_with($problem::class, 'Aws')) {
                throw OutletFailure::later('It cannot be reached, or does not let this machine in.');
            }

            throw $problem;
        }
    }
}
