<?php

declare(strict_types=1);

namespace App\Doors\Bench\Farm;

use App\Doors\Bench\BenchRow;
use App\Doors\Bench\FaultStand;
use App\Media\Farm\FarmLink;
use App\Media\Farm\FarmUnreachable;
use App\Media\Farm\MakerReport;
use App\Media\Farm\Roll;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\Recipe;
use RuntimeException;
use Symfony\Component\Process\Process;

/** What machines that help are worth, and what becomes of a batch when they, Redis or the main machine are killed. */
final readonly class FarmBench
{
    private const KILLS = 40;

    /** Ten finals of 10 s, of shots of 2.5 s. */
    private const SHOTS = 40;

    private const FRAMES = 75;

    public function __construct(private FarmStand $stand)
    {
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    public function run(callable $tell): array
    {
        $this->stand->startRedis();
        try {
            $rows = [...$this->speed($tell), ...$this->kills($tell)];
        } finally {
            $this->stand->stopRedis();
        }

        return $rows;
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    private function speed(callable $tell): array
    {
        $orders = $this->stand->shots(self::SHOTS, self::FRAMES, Quality::Final);
        $alone = $this->timed($orders, [], 0);
        $hashes = $this->hashes($orders);
        $tell(sprintf('One core of the main machine alone: %.1f s.', $alone));
        $one = $this->timed($orders, ['attic' => 0]);
        $isSame = $hashes === $this->hashes($orders);
        $tell(sprintf('One machine that helps, on one core: %.1f s.', $one));
        $two = $this->timed($orders, ['attic' => 0, 'cellar' => 1]);
        $isSame = $isSame && $hashes === $this->hashes($orders);
        $tell(sprintf('Two of them: %.1f s.', $two));

        return [
            BenchRow::atLeast('two machines that help ÷ one, ten finals of 10 s', $one / $two, 1.8, '%.2f ×'),
            BenchRow::atMost(
                'orders over Redis, and the way of files, ÷ the same alone', $one / $alone, 1.03, '%.3f ×',
            ),
            BenchRow::atLeast('shots that are the same to the byte alone and elsewhere', $isSame ? self::SHOTS : 0,
                self::SHOTS, '%.0f'),
        ];
    }

    /**
     * @param  list<Recipe>  $orders
     * @param  array<string, int>  $helpers  the core of each; none where the main machine makes all
     * @return float seconds
     */
    private function timed(array $orders, array $helpers, ?int $core = null): float
    {
        $this->stand->forget();
        $running = [];
        foreach ($helpers as $name => $on) {
            $running[] = $this->stand->helper($name, $on);
        }
        FaultStand::until(fn (): bool => count(array_intersect(
            array_keys($helpers), array_column($this->makers(), 'machine'),
        )) === count($helpers), 60);
        $main = $this->stand->main($orders, $helpers === []
            ? ['REEL_FARM_REDIS' => '', 'REEL_ENCODERS' => '1'] : ['REEL_FARM_TAKES_PART' => 'false'], $core);
        // From the first that is there on: what processes take to begin is not what is measured.
        $made = fn (): int => count(glob("{$this->stand->folder}/main/media/segments/*/*.seal") ?: []);
        FaultStand::until(static fn (): bool => $made() > 0, 60);
        [$begun, $first] = [microtime(true), $made()];
        $main->wait();
        $seconds = (microtime(true) - $begun) * count($orders) / (count($orders) - $first);
        array_map($this->stand->end(...), $running);
        if ($this->stand->right($orders) !== count($orders)) {
            throw new RuntimeException('Not all was made: '.$main->getErrorOutput());
        }

        return $seconds;
    }

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    private function kills(callable $tell): array
    {
        mt_srand(17);
        $this->stand->forget();
        $tell('Kills among machines that help, Redis and the main machine…');
        $helpers = ['attic' => $this->stand->helper('attic', 0), 'cellar' => $this->stand->helper('cellar', 1)];
        $all = $this->stand->shots(40, 60, Quality::Draft, 1);
        $main = $this->stand->main($all);
        $started = 0;
        for ($kill = 1; $kill <= self::KILLS; $kill++) {
            usleep(mt_rand(200_000, 2_000_000));
            if (! $main->isRunning()) {
                $more = $this->stand->shots(40, 60, Quality::Draft, 1 + count($all));
                $all = [...$all, ...$more];
                $main = $this->stand->main($more);
            }
            $which = ['attic', 'cellar', 'redis', 'main'][$kill % 4];
            if ($which === 'redis') {
                $this->stand->stopRedis();
                $this->stand->startRedis();
            } elseif ($which === 'main') {
                $this->stand->end($main);
                $main = $this->stand->main($all);
            } else {
                $started += self::begun($helpers[$which]);
                $this->stand->end($helpers[$which]);
                $helpers[$which] = $this->stand->helper($which, $which === 'attic' ? 0 : 1);
            }
        }
        $main = $main->isRunning() ? $main : $this->stand->main($all);
        $main->wait();
        foreach ($helpers as $helper) {
            $started += self::begun($helper);
        }
        $failures = $this->roll()->failures();
        array_map($this->stand->end(...), array_values($helpers));
        $left = glob("{$this->stand->folder}/main/media/segments/*/*.mp4") ?: [];

        return [
            BenchRow::atLeast(
                sprintf('shots that are there after %d kills, of %d', self::KILLS, count($all)),
                $main->isSuccessful() ? $this->stand->right($all) : 0, count($all), '%.0f',
            ),
            BenchRow::atMost('files that nobody ordered, or half ones', count($left) - count($all), 0, '%.0f'),
            BenchRow::atMost('orders that failed', count($failures), 0, '%.0f'),
            BenchRow::atMost(
                sprintf('shots that were begun elsewhere, of %d, and again', count($all)),
                max(0, $started - count($all)), self::KILLS, '%.0f',
            ),
        ];
    }

    /** How many shots a helper has begun. */
    private static function begun(Process $helper): int
    {
        return substr_count($helper->getErrorOutput(), 'A shot of');
    }

    /**
     * @param  list<Recipe>  $orders
     * @return list<string>
     */
    private function hashes(array $orders): array
    {
        return array_map(
            fn (Recipe $order): string => (string) hash_file('sha256', $this->stand->file($order)), $orders,
        );
    }

    /** @return list<MakerReport> */
    private function makers(): array
    {
        try {
            return $this->roll()->makers();
        } catch (FarmUnreachable) {
            return [];
        }
    }

    private function roll(): Roll
    {
        return new Roll(new FarmLink($this->stand->address()));
    }
}
