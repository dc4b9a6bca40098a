<?php

declare(strict_types=1);

namespace App\Doors\Bench\Large;

use App\Desks\Editing\SettingsDesk;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use App\Shelves\Models\User;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use RapidReel\Plan\Settings\Level;
use RuntimeException;
use Symfony\Component\Process\Process;

/** Many who edit at the same time, each in a process of their own, a change every two seconds. */
final class Editors
{
    private const SECONDS = 20;

    private const WRITING_SECONDS = 6;

    /** One that only writes. */
    public const WRITES = 'w';

    private const BETWEEN_MS = 2_000;

    /** @return float within how many seconds nine of ten changes are answered */
    public static function together(int $count, string $database): float
    {
        $processes = [];
        for ($i = 0; $i < $count; $i++) {
            $processes[] = $one = new Process(
                ['bin/jit', 'artisan', 'reel:bench', "--editor=$i"], base_path(), ['DB_DATABASE' => $database],
                timeout: 10 * self::SECONDS,
            );
            $one->start();
        }
        $took = [];
        foreach ($processes as $one) {
            if ($one->wait() !== 0) {
                throw new RuntimeException("A change was refused: {$one->getErrorOutput()}");
            }
            array_push($took, ...array_map(floatval(...), explode(' ', trim($one->getOutput()))));
        }
        sort($took);

        return $took[(int) floor(0.9 * (count($took) - 1))];
    }

    /**
     * @param  callable(): mixed  $meanwhile  done again and again
     * @return float how many seconds another waits for a small write at the longest
     */
    public static function besides(callable $meanwhile, string $database): float
    {
        $other = new Process(
            ['bin/jit', 'artisan', 'reel:bench', '--editor='.self::WRITES], base_path(), ['DB_DATABASE' => $database],
            timeout: 10 * self::SECONDS,
        );
        $other->start();
        $other->waitUntil(static fn (string $type, string $said): bool => str_contains($said, 'writes'));
        while ($other->isRunning()) {
            $meanwhile();
            usleep(300_000);
        }
        if (! $other->isSuccessful()) {
            throw new RuntimeException("A write was refused: {$other->getErrorOutput()}");
        }

        return (float) trim(str_replace('writes', '', $other->getOutput()));
    }

    /** Small writes, one after the other: prints how many seconds the longest of them took. */
    public static function write(): void
    {
        $longest = 0.0;
        $channel = Channel::query()->firstOrFail();
        echo 'writes ';
        for ($end = hrtime(true) + self::WRITING_SECONDS * 1_000_000_000; hrtime(true) < $end; usleep(10_000)) {
            $begun = hrtime(true);
            DB::transaction(static fn () => $channel->touch());
            $longest = max($longest, (hrtime(true) - $begun) / 1e9);
        }
        printf('%.4F', $longest);
    }

    /** One of them: prints how many seconds each of its changes took. */
    public static function one(int $number): string
    {
        $user = User::query()->oldest('id')->firstOrFail();
        Auth::login($user);
        $channel = $user->channels()->firstOrFail();
        $short = (int) Short::query()->oldest('id')->skip(40 * $number)->firstOrFail()->id;
        mt_srand($number);
        $took = [];
        // The first loads what the next find loaded.
        for ($i = 0, $end = hrtime(true) + self::SECONDS * 1_000_000_000; hrtime(true) < $end; $i++) {
            usleep(mt_rand(0, 2 * self::BETWEEN_MS) * 1_000);
            $begun = hrtime(true);
            app(SettingsDesk::class)->set($channel->refresh(), Level::Short, [$short], 'speed', (string) (80 + $i));
            $i === 0 || $took[] = sprintf('%.4F', (hrtime(true) - $begun) / 1e9);
        }

        return implode(' ', $took);
    }
}
