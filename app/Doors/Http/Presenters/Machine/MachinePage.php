<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Machine;

use App\Doors\Console\Doctor;
use App\Doors\Jobs\WorkerMark;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The machine, for whoever keeps it: who works at what, what waits, what is missing, and what went wrong. */
final readonly class MachinePage
{
    /** What workers do, by the kind of the row that an order is about. */
    private const AT = [
        'export' => 'a video', 'mend' => 'mending a clip', 'footage' => 'looking through a clip',
        'short' => 'planning a short', 'proof' => 'a preview', 'recording' => 'reading a recording',
        'pictures' => 'making pictures', 'house' => 'taking over a house style', 'post' => 'posting',
    ];

    public function __construct(
        private Doctor $doctor,
        private WorkerMark $mark,
    ) {
    }

    /** @param  bool  $isThorough  whether all is tried that takes a while, such as every voice */
    public function of(bool $isThorough): MachineView
    {
        $workers = [];
        foreach (DB::table('jobs')->whereNotNull('reserved_at')->whereNotNull('worker')->get() as $job) {
            if ($this->mark->isRunning((string) $job->worker)) {
                $workers[(string) $job->worker] = [
                    'name' => (string) strtok((string) $job->worker, '-'),
                    'at' => self::about((string) $job->payload),
                    'since' => self::ago((int) $job->reserved_at),
                ];
            }
        }

        return new MachineView(
            array_values($workers),
            max(0, count($this->mark->running()) - count($workers)),
            self::lanes(),
            $this->doctor->examine($isThorough),
            ErrorLog::kinds(array_slice(glob(storage_path('logs/laravel*.log')) ?: [], -3)),
            [
                ['PHP', PHP_VERSION], ['Laravel', app()->version()],
                ['SQLite', (string) DB::scalar('select sqlite_version()')],
                ['Machine', php_uname('s').' '.php_uname('r')],
            ],
            DB::table('failed_jobs')->count(),
        );
    }

    /** @return list<array{lane: string, waiting: int, oldest: string}> */
    private static function lanes(): array
    {
        $lanes = [];
        foreach (DB::table('jobs')->whereNull('reserved_at')->groupBy('queue')->orderBy('queue')
            ->selectRaw('queue, count(*) as waiting, min(created_at) as oldest')->get() as $row) {
            $lanes[] = [
                'lane' => (string) $row->queue, 'waiting' => (int) $row->waiting,
                'oldest' => self::ago((int) $row->oldest),
            ];
        }

        return $lanes;
    }

    private static function about(string $payload): string
    {
        $about = json_decode($payload, true)['about'] ?? null;
        [$kind, $id] = array_pad(explode(':', is_string($about) ? $about : ''), 2, '');

        return trim((self::AT[$kind] ?? ($kind === '' ? 'something' : $kind)).($id === '' ? '' : " ($id)"));
    }

    private static function ago(int $seconds): string
    {
        return Carbon::createFromTimestamp($seconds)->diffForHumans();
    }
}
