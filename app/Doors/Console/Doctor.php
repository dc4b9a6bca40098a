<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\Voices;
use App\Ground\Work\Folder;
use App\Media\Artwork\TypefaceBook;
use App\Media\Farm\FarmLink;
use App\Media\Farm\MakerReport;
use App\Media\Farm\Roll;
use App\Media\Process\EncoderSlots;
use App\Media\Process\MediaTools;
use App\Media\Store\MediaStore;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Music;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use Throwable;

/** Looks at the machine: what the work needs, and whether it is there. */
final readonly class Doctor
{
    private const FILTERS = ['ass', 'zoompan', 'crop', 'scale', 'tpad', 'ebur128', 'alimiter', 'acompressor', 'amix'];

    private const ENCODERS = ['libx264', 'aac'];

    private const LEAST_FREE_BYTES = 2 * 1024 ** 3;

    public function __construct(
        private MediaTools $tools,
        private Voices $voices,
        private VoiceBook $book,
        private TypefaceBook $faces,
        private MediaStore $store,
        private EncoderSlots $slots,
        private FarmLink $link,
        private Roll $roll,
    ) {
    }

    /**
     * @param  bool  $isThorough  whether what takes a while is tried too: every voice, every typeface, every filter
     * @return list<array{check: string, ok: bool, found: string}>
     */
    public function examine(bool $isThorough = true): array
    {
        return [...$isThorough ? $this->tried() : [], ...$this->seen()];
    }

    /** @return list<array{check: string, ok: bool, found: string}> */
    private function tried(): array
    {
        return [
            $this->check(
                'ffmpeg',
                fn (): string => strtok($this->tools->run(['-version'], 'ffmpeg')->getOutput(), "\n") ?: '',
            ),
            $this->check(
                'ffprobe',
                fn (): string => strtok(
                    $this->tools
                        ->probe(['-version'])
                        ->mustRun()
                        ->getOutput(),
                    "\n",
                ) ?:
                '',
            ),
            $this->listed('filters', '-filters', self::FILTERS),
            $this->listed('encoders', '-encoders', self::ENCODERS),
            $this->check('caption faces', fn (): string => implode(', ', array_map(
                fn (string $id): string => $this->faces->face($id)->family(),
                array_keys(TypefaceBook::shipped()),
            ))),
            $this->check('voices', function (): string {
                foreach ($this->book->all() as $voice) {
                    $this->voices->speak('one', $voice);
                }

                return count($this->book->all()).' voices speak';
            }),
        ];
    }

    /** @return list<array{check: string, ok: bool, found: string}> */
    private function seen(): array
    {
        return [
            $this->check('faces in pictures', static fn (): string => is_file((string) config('reel.faces'))
                ? 'found by '.basename((string) config('reel.faces'))
                : throw new Refusal(
                    'The cascade that finds them is not there: install opencv-data. Windows follow without it.',
                )),
            $this->check('disk', function (): string {
                Folder::make($this->store->path('work'));
                $this->store->discard($this->store->workFolder());
                $free = (float) disk_free_space($this->store->path('work'));

                return $free < self::LEAST_FREE_BYTES
                    ? throw new Refusal(sprintf('only %.1f GiB are free', $free / 1024 ** 3))
                    : sprintf('writable, %.1f GiB free', $free / 1024 ** 3);
            }),
            $this->check(
                'queue',
                fn (): string => sprintf(
                    '%d waiting, %d failed',
                    DB::table('jobs')->count(),
                    DB::table('failed_jobs')->count(),
                ),
            ),
            $this->check(
                'library',
                fn (): string => sprintf(
                    '%d clips and stills, %d pieces of music',
                    Footage::query()->count(),
                    Music::query()->count(),
                ),
            ),
            ...$this->machines(),
            $this->check('cores', fn (): string => "{$this->slots->count} encoders at once"),
        ];
    }

    /** @return list<array{check: string, ok: bool, found: string}> */
    private function machines(): array
    {
        if (! $this->link->isSet()) {
            return [];
        }

        return [
            $this->check('orders for other machines', function (): string {
                $names = array_unique(array_column($this->roll->makers(), 'machine'));
                $others = array_diff($names, [MakerReport::MAIN]);

                return 'Redis answers; '.($others === [] ? 'no other machine is there' : implode(', ', $others));
            }),
            $this->check('other machines', function (): string {
                $said = [];
                foreach ($this->roll->makers() as $one) {
                    foreach ([$one->why === MakerReport::LEFT_OUT ? '' : $one->why, $one->ofDisk()] as $what) {
                        $what === '' || $said[] = "{$one->machine}: $what";
                    }
                }

                return $said === [] ? 'all that are there take orders'
                    : throw new Refusal(implode(' ', array_unique($said)));
            }),
        ];
    }

    /**
     * @param  callable(): string  $look
     * @return array{check: string, ok: bool, found: string}
     */
    private function check(string $name, callable $look): array
    {
        try {
            return ['check' => $name, 'ok' => true, 'found' => $look()];
        } catch (Throwable $problem) {
            return ['check' => $name, 'ok' => false, 'found' => strtok($problem->getMessage(), "\n") ?: 'missing'];
        }
    }

    /**
     * @param  list<string>  $wanted
     * @return array{check: string, ok: bool, found: string}
     */
    private function listed(string $name, string $list, array $wanted): array
    {
        return $this->check($name, function () use ($list, $wanted): string {
            $printed = $this->tools->run([$list], 'ffmpeg')->getOutput();
            $lacking = array_filter(
                $wanted,
                static fn (string $one): bool => preg_match('/\s'.preg_quote($one, '/').'\s/', $printed) !== 1,
            );

            return $lacking === [] ? implode(', ', $wanted) : throw new Refusal('lacks '.implode(', ', $lacking));
        });
    }
}
