<?php

declare(strict_types=1);

namespace App\Shelves\Library;

use App\Ground\Work\DiskRoom;
use App\Ground\Work\Folder;
use App\Media\Store\KeyedLock;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\User;
use Illuminate\Support\Str;
use RapidReel\Base\Refusal;

/**
 * Files that come in pieces, and go on where they were after a broken connection: what the tus protocol 1.0 asks of a
 * server's storage.
 */
final readonly class Uploads
{
    /** What nobody goes on with is dropped after so long. */
    private const KEPT_SECONDS = 48 * 3600;

    public function __construct(
        private MediaStore $store,
        private KeyedLock $locks,
        private DiskRoom $room,
    ) {
    }

    /**
     * @return string id
     *
     * @throws Refusal when it is larger than may come, or there is no room for it
     */
    public function begin(User $user, string $name, int $bytes, int $most): string
    {
        if ($bytes < 1 || $bytes > $most) {
            throw new Refusal(sprintf(
                $bytes < 1 ? '“%s” is empty.' : '“%s” is larger than the %d MB that may come.',
                mb_strimwidth(mb_scrub($name), 0, 80, '…'),
                intdiv($most, 1024 * 1024),
            ));
        }
        $this->room->ask($bytes);
        $this->sweep();
        $id = Str::uuid()->toString();
        Folder::make(dirname($this->file($id)));
        touch($this->file($id));
        $this->store->put($this->about($id), json_encode(
            ['user' => $user->id, 'name' => mb_scrub($name), 'bytes' => $bytes],
            JSON_THROW_ON_ERROR,
        ));

        return $id;
    }

    /**
     * @return array{int, int} bytes that came, and that there will be; null where it is not theirs or gone
     *
     * @throws StrangePlace
     */
    public function state(User $user, string $id): ?array
    {
        $about = $this->read($user, $id);
        if ($about === null) {
            return null;
        }
        clearstatcache(true, $this->file($id));

        return [(int) filesize($this->file($id)), $about['bytes']];
    }

    /**
     * Puts a piece at its place.
     *
     * @param  resource  $piece
     * @return int|null bytes that came by now; null where the piece belongs elsewhere
     */
    public function append(User $user, string $id, int $offset, $piece): ?int
    {
        return $this->locks->hold("upload-$id", function () use ($user, $id, $offset, $piece): ?int {
            $state = $this->state($user, $id);
            if ($state === null || $state[0] !== $offset) {
                return null;
            }
            $file = fopen($this->file($id), 'ab');
            if ($file === false) {
                return null;
            }
            stream_copy_to_stream($piece, $file, $state[1] - $offset);
            fclose($file);

            return $this->state($user, $id)[0] ?? null;
        });
    }

    /**
     * A file that came whole, with its name.
     *
     * @return array{string, string}
     *
     * @throws Refusal when it did not
     */
    public function whole(User $user, string $id): array
    {
        $about = $this->read($user, $id);
        $state = $this->state($user, $id);
        if ($about === null || $state === null || $state[0] !== $state[1]) {
            throw new Refusal('A file did not arrive whole. Upload it again: it goes on where it was.');
        }

        return [$this->file($id), $about['name']];
    }

    /** @throws StrangePlace */
    public function drop(User $user, string $id): void
    {
        if ($this->read($user, $id) !== null) {
            @unlink($this->file($id));
            @unlink($this->about($id));
        }
    }

    /** @throws StrangePlace */
    private function sweep(): void
    {
        foreach (glob($this->store->path('uploads').'/*') ?: [] as $file) {
            if (filemtime($file) < time() - self::KEPT_SECONDS) {
                @unlink($file);
            }
        }
    }

    /**
     * @return array{user: int, name: string, bytes: int}|null
     *
     * @throws StrangePlace
     */
    private function read(User $user, string $id): ?array
    {
        if (preg_match('/^[0-9a-f-]{36}$/', $id) !== 1 || ! is_file($this->file($id))) {
            return null;
        }
        /** @var array{user: int, name: string, bytes: int}|null $about */
        $about = json_decode((string) @file_get_contents($this->about($id)), true);

        return $about !== null && $about['user'] === $user->id ? $about : null;
    }

    /** @throws StrangePlace */
    private function file(string $id): string
    {
        return $this->store->path("uploads/$id");
    }

    /** @throws StrangePlace */
    private function about(string $id): string
    {
        return $this->store->path("uploads/$id.json");
    }
}
