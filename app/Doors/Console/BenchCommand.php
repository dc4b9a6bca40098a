<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Doors\Bench\BenchRow;
use App\Doors\Bench\CaptionBench;
use App\Doors\Bench\ExportBench;
use App\Doors\Bench\Farm\FarmBench;
use App\Doors\Bench\Farm\FarmStand;
use App\Doors\Bench\FaultBench;
use App\Doors\Bench\Framing\FramingBench;
use App\Doors\Bench\Hostile\HostileBench;
use App\Doors\Bench\KnownForms;
use App\Doors\Bench\Large\Editors;
use App\Doors\Bench\Large\LargeBench;
use App\Doors\Bench\MatchBench;
use App\Doors\Bench\PaceBench;
use App\Doors\Bench\PauseBench;
use App\Doors\Bench\ScriptBench;
use App\Doors\Bench\VoiceBench;
use App\Gateways\Voices\VoiceRates;
use App\Media\Store\MediaStore;
use App\Shelves\Library\LibraryShelf;
use App\Shelves\Library\Shelf;
use App\Shelves\Models\Channel;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;
use RapidReel\Base\Refusal;

final class BenchCommand extends Command
{
    use Answers;

    protected $signature = 'reel:bench {--pairs=3 : how often the full export and the bare encode are measured in '
        .'turn; 0 leaves them out} {--faults : kills, wrong values and a long recording alone} '
        .'{--farm : other machines alone} {--large : a channel of years alone} '
        .'{--editor= : one of many who edit, for --large} '
        .'{--hostile : files, values, scripts and stored words that were made to hurt, alone}';

    protected $description = 'Measures exports against a bare encode of the same frames, and the work on many scripts';

    public function handle(LibraryShelf $shelves): int
    {
        if ($this->option('editor') !== null) {
            $number = self::written($this->option('editor'));
            $number === Editors::WRITES ? Editors::write() : $this->output->writeln(Editors::one((int) $number));

            return self::SUCCESS;
        }

        return $this->guarded(function () use ($shelves): int {
            $shelf = $shelves->of(Channel::query()->firstOrFail());
            // A store of its own: what operators made stays as it is.
            app()->instance(
                MediaStore::class,
                new MediaStore(Storage::build(['driver' => 'local', 'root' => storage_path('bench')])),
            );
            $rows = match (true) {
                $this->option('hostile') === true => $this->hostile(),
                $this->option('faults') === true => $this->faults(),
                $this->option('farm') === true => $this->farm(),
                $this->option('large') === true => app(LargeBench::class)->run(
                    storage_path('bench/large.sqlite'), $this->tell(...),
                ),
                default => [...$this->usual($shelf), ...$this->faults(), ...$this->hostile()],
            };
            $this->table(
                ['what', 'measured', 'bound', ''],
                array_map(
                    static fn (BenchRow $row): array => [
                        $row->what,
                        $row->measured,
                        $row->bound,
                        $row->met ? 'met' : 'NOT MET',
                    ],
                    $rows,
                ),
            );
            if (array_filter($rows, static fn (BenchRow $row): bool => ! $row->met) !== []) {
                throw new Refusal('Not every bound is met.');
            }

            return self::SUCCESS;
        });
    }

    /** @return list<BenchRow> */
    private function faults(): array
    {
        $this->tell('Kills, wrong values, a long recording, a crowd…');

        return app(FaultBench::class)->run(
            storage_path('bench/faults'), (string) config('reel.demo_footage'), $this->tell(...),
        );
    }

    /** @return list<BenchRow> */
    private function farm(): array
    {
        $this->tell('Other machines…');

        return (new FarmBench(FarmStand::in(storage_path('bench/farm'))))->run($this->tell(...));
    }

    /** @return list<BenchRow> */
    private function hostile(): array
    {
        return app(HostileBench::class)->run(
            storage_path('bench/hostile'),
            (string) config('reel.demo_footage'),
            config('reel.fonts').'/Rubik_800ExtraBold.ttf',
            $this->tell(...),
        );
    }

    /** @return list<BenchRow> */
    private function usual(Shelf $shelf): array
    {
        $pairs = max(0, (int) $this->option('pairs'));
        app(VoiceRates::class)->make();
        $rows = $pairs === 0 ? [] : app(ExportBench::class)->run($pairs, $shelf, $this->tell(...));
        $this->tell('Captions…');
        array_push($rows, ...app(CaptionBench::class)->run($pairs, $shelf));
        $this->tell('Voices and words…');
        array_push($rows, ...app(VoiceBench::class)->run(storage_path('bench/speech')));
        $this->tell('Pictures for words, music in pauses…');
        array_push($rows, ...MatchBench::rows(), ...PauseBench::rows());
        $this->tell('Windows over clips…');
        array_push($rows, ...app(FramingBench::class)->run(
            (string) config('reel.demo_footage'),
            storage_path('bench'),
        ));
        $this->tell('Scripts and rundown…');
        array_push($rows, ...KnownForms::in(base_path('tests/Standards/forms'))->rows());

        array_push($rows, ...app(ScriptBench::class)->run(storage_path('bench/bench.sqlite')));
        $this->tell('A sheet of three minutes…');

        return [...$rows, ...app(PaceBench::class)->run(
            Channel::query()->firstOrFail(),
            (string) config('reel.demo_footage'),
        )];
    }
}
