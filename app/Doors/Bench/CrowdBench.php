<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use Illuminate\Http\Client\PendingRequest;
use Symfony\Component\Process\Process;

/** How soon somebody sees what he changed while ten exports and five mends run, on the workers that the demo has. */
final class CrowdBench
{
    private const WORKERS = [
        'looks,words,renders,plans,proofs', 'looks,words,long,renders,plans,proofs', 'looks,plans',
    ];

    private const EXPORTS = 10;

    private const MENDS = 5;

    private const CHANGES = 7;

    private const BOUND = 5.0;

    /**
     * @param  callable(string): void  $tell
     * @return list<BenchRow>
     */
    public function run(FaultStand $stand, callable $tell): array
    {
        $tell('Ten exports, five mends, and somebody who works…');
        $short = $this->crowd($stand);
        $workers = array_map($stand->worker(...), self::WORKERS);
        $web = $stand->web();
        try {
            $client = $stand->signedIn();
            $this->seen($client, $stand, $short);
            $isFull = static fn (): bool => $stand->rows('SELECT 1 FROM exports WHERE state = ?', ['running']) !== []
                && $stand->rows('SELECT 1 FROM jobs WHERE queue = ? AND reserved_at IS NOT NULL', ['long']) !== [];
            FaultStand::until($isFull, 120);
            $waits = [];
            for ($i = 0; $i < self::CHANGES; $i++) {
                $waits[] = $this->change($client, $stand, $short, $i);
                usleep(700_000);
            }
        } finally {
            foreach ([...$workers, $web] as $process) {
                $process->isRunning() && posix_kill(-(int) $process->getPid(), SIGKILL);
            }
        }
        sort($waits);

        return [
            BenchRow::within(
                'until a changed shot is seen while 10 exports and 5 mends run, median',
                $waits[intdiv(count($waits), 2)],
                self::BOUND,
                Unit::Encode,
            ),
        ];
    }

    /** @return int the short that somebody works at */
    private function crowd(FaultStand $stand): int
    {
        $clips = [];
        for ($i = 1; $i <= self::MENDS; $i++) {
            $clips[] = $clip = "{$stand->folder}/crowd-$i.mp4";
            (new Process(['ffmpeg', '-v', 'error', '-y', '-f', 'lavfi', '-i',
                "testsrc2=size=1280x720:rate=30:duration=45,noise=alls=12:all_seed=$i", '-pix_fmt', 'yuv420p',
                '-preset', 'ultrafast', $clip], timeout: 300))->mustRun();
        }
        $script = '';
        for ($i = 1; $i <= self::EXPORTS; $i++) {
            $said = str_repeat("The lamp number $i went out in the night, and nobody saw it. ", 6);
            $script .= "# Crowd $i\n$said\n---\n";
        }
        $said = $stand->php(sprintf(
            '$channel = App\Shelves\Models\Channel::query()->firstOrFail();
             $make = fn (string $text) => app(App\Desks\Editing\BatchMaker::class)->make($channel, "Crowd",
                 app(App\Desks\Intake\ScriptFiles::class)->fromText($text), new RapidReel\Base\Values([]));
             app(App\Desks\Exporting\ExportDesk::class)->orderAll($make(%s)->shorts,
                 RapidReel\Making\Render\Quality::Final);
             $ids = array_map(fn (string $file) => app(App\Shelves\Library\FootageImporter::class)
                 ->footage($channel, $file, basename($file), ["opening"], "demo")->id, %s);
             app(App\Shelves\Library\MendDesk::class)->order($channel, $ids, "steady");
             echo "short=", $make("# Mine\nThe lamp went out. A boat came in. The bell rang twice.")->shorts[0]->id;',
            var_export($script, true),
            var_export($clips, true),
        ));

        return (int) substr((string) strrchr($said, '='), 1);
    }

    /** Waits until the short is shown as it is; the page of a short does so. */
    private function seen(PendingRequest $client, FaultStand $stand, int $short): void
    {
        $state = static fn (): mixed => $client->get("{$stand->address()}/shorts/$short/sheet/state")->json();
        FaultStand::until(static function () use ($client, $stand, $short, $state): bool {
            // As often as a page looks.
            usleep(250_000);
            $now = $state();
            $client->post("{$stand->address()}/shorts/$short/proof");

            return is_array($now) && ($now['working'] ?? true) === false && $now['plan'] !== null;
        }, 180);
    }

    private function change(PendingRequest $client, FaultStand $stand, int $short, int $i): float
    {
        $scene = (int) $stand->rows('SELECT id FROM scenes WHERE short_id = ? ORDER BY position', [$short])[0]['id'];
        $footage = $stand->rows('SELECT id FROM footage WHERE tags != ? ORDER BY id', ['opening']);
        $began = microtime(true);
        $client->put("{$stand->address()}/scenes/$scene/shots/0", [
            'footage' => (int) $footage[$i % count($footage)]['id'],
        ])->throw();
        $this->seen($client, $stand, $short);

        return microtime(true) - $began;
    }
}
