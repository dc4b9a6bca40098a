<?php

declare(strict_types=1);

namespace App\Ground\Work;

use Illuminate\Support\Facades\DB;

/** What orders wait for: whom workers have in hand, how many come before, and how long that may take. */
final class Line
{
    private const MOST = 3_000;

    /** Of so many exports that were finished last it is known how long one takes. */
    private const KNOWN = 12;

    /** What is in hand, in the words of pages: one and many. */
    private const KINDS = [
        'export' => ['a video is being made', 'videos are being made'],
        'mend' => ['a clip is being mended', 'clips are being mended'],
        'footage' => ['a clip is being looked through', 'clips are being looked through'],
        'short' => ['a short is being planned', 'shorts are being planned'],
        'proof' => ['a preview is being made', 'previews are being made'],
        'recording' => ['a recording is being read', 'recordings are being read'],
        'pictures' => ['pictures are being made', 'pictures are being made'],
        'house' => ['a house style is being taken over', 'house styles are being taken over'],
    ];

    /** @var array<string, array{queue: string, ahead: int}>|null waiting orders by kind and id of their row */
    private ?array $waiting = null;

    /** @var array<string, int> how many of each kind are in hand */
    private array $inHand = [];

    private ?float $exportSeconds = null;

    /**
     * What an order waits for; null where it is in hand, or there is none.
     *
     * @param  string  $about  kind and id of its row
     */
    public function waitsFor(string $about): ?Waits
    {
        if ($this->waiting === null) {
            $this->look();
        }
        $mine = $this->waiting[$about] ?? null;
        if ($mine === null) {
            return null;
        }
        $ahead = $mine['ahead'];
        $duration = $this->duration($about, $ahead);
        $said = array_filter([
            $ahead === 0 ? '' : ($ahead === 1 ? '1 other before it' : "$ahead others before it"),
            $this->busy(),
            $duration,
        ]);

        return new Waits(
            implode(', ', array_filter([$ahead === 0 ? 'next' : "$ahead before it", $duration])),
            $said === [] ? 'its turn comes now' : implode('; ', $said),
        );
    }

    private function look(): void
    {
        $this->waiting = [];
        $ahead = [];
        $rows = DB::table('jobs')->orderBy('id')->limit(self::MOST)
            ->selectRaw("queue, reserved_at, json_extract(payload, '$.about') as about")->get();
        foreach ($rows as $row) {
            $about = (string) $row->about;
            if ($row->reserved_at !== null) {
                $kind = (string) strtok($about, ':');
                $this->inHand[$kind] = ($this->inHand[$kind] ?? 0) + 1;
            } else {
                $ahead[$row->queue] ??= 0;
                $this->waiting[$about] ??= ['queue' => (string) $row->queue, 'ahead' => $ahead[$row->queue]];
                $ahead[$row->queue]++;
            }
        }
    }

    private function busy(): string
    {
        $said = [];
        foreach ($this->inHand as $kind => $count) {
            if (isset(self::KINDS[$kind])) {
                $said[] = $count === 1 ? self::KINDS[$kind][0] : $count.' '.self::KINDS[$kind][1];
            }
        }

        return implode(', ', $said);
    }

    /** Of exports it is known how long they take. */
    private function duration(string $about, int $ahead): string
    {
        if (! str_starts_with($about, 'export:')) {
            return '';
        }
        $this->exportSeconds ??= (float) DB::query()->fromSub(
            DB::table('exports')->where('state', 'done')->whereNotNull('started_at')->latest('id')
                ->limit(self::KNOWN)
                ->selectRaw("strftime('%s', finished_at) - strftime('%s', started_at) as seconds"),
            'last',
        )->avg('seconds');
        $seconds = $this->exportSeconds * ($ahead + max(1, $this->inHand['export'] ?? 0));

        return match (true) {
            $seconds <= 0 => '',
            $seconds < 90 => 'about '.max(5, 5 * (int) ceil($seconds / 5)).' s',
            default => 'about '.(int) ceil($seconds / 60).' min',
        };
    }
}
