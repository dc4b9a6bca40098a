<?php

declare(strict_types=1);

namespace App\Doors\Bench;

use App\Desks\Editing\BatchMaker;
use App\Desks\Intake\ScriptChoices;
use App\Desks\Intake\ScriptFiles;
use App\Doors\Http\Presenters\Intake\IntakePreview;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use App\Shelves\Models\Short;
use App\Shelves\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Hook\HookShape;
use RapidReel\Text\Sketch\PatternWriter;
use RapidReel\Text\Sketch\SketchOrder;
use RapidReel\Text\Sketch\Tone;

/** Many scripts taken in, and a large batch shown. Works in a database of its own. */
final readonly class ScriptBench
{
    private const SCRIPTS = 500;

    private const WORDS = 150;

    private const SHORTS = 200;

    private const REQUESTS = 9;

    public function __construct(
        private PatternWriter $writer,
        private ScriptFiles $files,
        private IntakePreview $preview,
        private BatchMaker $maker,
        private Registrar $registrar,
    ) {
    }

    /** @return list<BenchRow> */
    public function run(string $database): array
    {
        @unlink($database);
        touch($database);
        config(['database.connections.sqlite.database' => $database]);
        DB::purge('sqlite');
        Artisan::call('migrate', ['--force' => true]);
        $user = User::query()->create(['name' => 'Bench', 'email' => 'bench@lamplight.example', 'password' => 'bench']);

        return [$this->intake($user), ...$this->rundown($user)];
    }

    private function intake(User $user): BenchRow
    {
        $text = ScriptFiles::toText(...$this->scripts(self::SCRIPTS));
        $usage = Usage::of(function () use ($text, $user): void {
            $shorts = $this->preview->of(
                $this->files->fromText($text),
                new ScriptChoices($this->registrar->of(null)),
                Channel::of($user)->id,
            );
            view('intake._preview', ['shorts' => $shorts, 'topics' => []])->render();
        });

        return BenchRow::within(
            sprintf('%d scripts of %d words taken in, cleaned, split, estimated, reviewed', self::SCRIPTS, self::WORDS),
            $usage->wall,
            5,
            Unit::Loop,
        );
    }

    /** @return list<BenchRow> */
    private function rundown(User $user): array
    {
        $batch = $this->maker->make(Channel::of($user), 'Bench', $this->scripts(self::SHORTS));
        Short::query()->update(['planned_inputs' => DB::raw('inputs')]);
        foreach ($batch->shorts as $short) {
            Export::query()->create([
                'short_id' => $short->id,
                'quality' => 'final',
                'state' => ExportState::Done,
                'name' => $short->fileName(),
                'bytes' => 20_000_000,
            ]);
        }
        Auth::login($user);
        $walls = [];
        $bytes = 0;
        for ($i = 0; $i < self::REQUESTS; $i++) {
            $walls[] = Usage::of(function () use ($batch, &$bytes): void {
                $bytes = strlen(
                    (string) app(Kernel::class)->handle(Request::create("/batches/{$batch->id}"))->getContent(),
                );
            })->wall;
        }
        sort($walls);

        return [
            BenchRow::within(
                sprintf('rundown of %d shorts answered', self::SHORTS),
                $walls[intdiv(self::REQUESTS, 2)],
                0.12,
                Unit::Loop,
            ),
            BenchRow::atMost('its page', $bytes / 1_000_000, 0.25, '%.2f MB'),
            BenchRow::atMost('script of a page, packed', self::script() / 1_000, 150, '%.0f kB'),
        ];
    }

    /** @return int bytes, as a web server packs it, of what every page is given before captions are drawn */
    private static function script(): int
    {
        $manifest = (array) json_decode((string) @file_get_contents(public_path('build/manifest.json')), true);
        $file = $manifest['resources/js/app.js']['file'] ?? '';

        return strlen((string) gzencode((string) @file_get_contents(public_path("build/$file"))));
    }

    /** @return list<ScriptSource> */
    private function scripts(int $count): array
    {
        return array_map(function (int $i): ScriptSource {
            $order = new SketchOrder(
                "light number $i",
                ["It was lit in 18$i", "Keeper $i carried the oil"],
                Tone::cases()[$i % 4],
                HookShape::cases()[$i % 7],
                self::WORDS,
                $i,
            );

            return new ScriptSource("[music: low strings]\nHost: ".$this->writer->write($order)->text(), $order->topic);
        }, range(1, $count));
    }
}
