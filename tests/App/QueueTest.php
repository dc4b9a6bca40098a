<?php

declare(strict_types=1);

namespace Tests\App;

use App\Doors\Jobs\OrphanSweep;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** The exports of a batch as a queue: their order, paused and gone on with, tried again; what they are called. */
final class QueueTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->user());
        $this->library();
    }

    private function ordered(): Batch
    {
        $batch = $this->made("# Lamp\nThe lamp went out.\n---\n# Bell\nA bell rang.\n---\n# Map\nThe map was wrong.");
        $this->post("/batches/{$batch->id}/exports", ['quality' => 'draft'])->assertRedirect();

        return $batch->refresh();
    }

    /** @return list<string> titles in the order of the page, with what is said of each */
    private function rows(Batch $batch): array
    {
        $html = (string) $this->getJson("/batches/{$batch->id}/queue/state")->assertOk()->json('rows');
        preg_match_all('/<tr id="export.*?<td class="num">(.*?)<\/td>.*?">\s*\d\d (\w+)<\/a>/s', $html, $found);

        return array_map(static fn (string $at, string $title): string => trim($at)." $title", $found[1], $found[2]);
    }

    private function act(Batch $batch, string $do): void
    {
        $this->postJson("/batches/{$batch->id}/queue", ['do' => $do])->assertOk();
    }

    public function test_one_is_made_first_and_all_of_them_once(): void
    {
        $batch = $this->ordered();
        self::assertSame(['1 Lamp', '2 Bell', '3 Map'], $this->rows($batch));
        $map = $batch->shorts[2]->exports()->firstOrFail();
        $this->postJson("/exports/{$map->id}/place", ['do' => 'first'])->assertOk();
        self::assertSame(['1 Map', '2 Lamp', '3 Bell'], $this->rows($batch));
        $this->work('--queue=plans');
        $this->work();
        self::assertSame(
            ['Map', 'Lamp', 'Bell'],
            Export::query()->with('short')->orderBy('started_at')->orderBy('place')->orderBy('id')->get()
                ->map(static fn (Export $one): string => $one->short->title)->all(),
        );
        self::assertSame([1, 1, 1], Export::query()->pluck('owner')->map(intval(...))->all(), 'Each is begun once.');
        $this->postJson("/exports/{$map->id}/place", ['do' => 'first'])->assertStatus(422);
        $this->get("/batches/{$batch->id}/queue")->assertOk()->assertSee('Nothing is being made');
    }

    public function test_a_paused_queue_waits_whatever_happens_and_goes_on_in_its_order(): void
    {
        $batch = $this->ordered();
        $this->act($batch, 'hold');
        $this->work();
        self::assertSame(3, Export::query()->where('state', ExportState::Queued)->count());
        app(OrphanSweep::class)->order();
        self::assertSame(0, DB::table('jobs')->where('queue', 'renders')->count(), 'Nobody orders them meanwhile.');
        $this->get("/batches/{$batch->id}/queue")->assertOk()->assertSee('paused');
        $bell = $batch->shorts[1]->exports()->firstOrFail();
        $this->postJson("/exports/{$bell->id}/place", ['do' => 'first'])->assertOk();
        $lamp = $batch->shorts[0]->exports()->firstOrFail();
        $this->postJson("/exports/{$lamp->id}/place", ['do' => 'cancel'])->assertOk();
        $this->act($batch, 'go');
        self::assertSame(
            [$bell->id, $batch->shorts[2]->exports()->firstOrFail()->id],
            DB::table('jobs')->where('queue', 'renders')->orderBy('id')->get()
                ->map(static fn (object $job): int => (int) substr((string) json_decode($job->payload)->about, 7))
                ->all(),
        );
        $this->work();
        self::assertSame(ExportState::Done, $bell->refresh()->state);
        self::assertSame(ExportState::Cancelled, $lamp->refresh()->state);
        $this->postJson("/exports/{$lamp->id}/place", ['do' => 'again'])->assertOk();
        $this->postJson("/batches/{$batch->id}/queue", ['do' => 'explode'])->assertStatus(422);
        $this->work();
        self::assertSame(2, $batch->shorts[0]->exports()->count());
        self::assertSame(ExportState::Done, $batch->shorts[0]->exports()->latest('id')->firstOrFail()->state);
        $this->postJson("/exports/{$bell->id}/place", ['do' => 'first'])->assertStatus(422);
    }

    public function test_files_are_called_by_a_pattern_and_known_by_an_id_that_stays(): void
    {
        $batch = $this->made("# Lamp\nThe lamp went out.\n---\n# Lamp\nA bell rang.");
        foreach (['{nummer}', 'short', '{number', '{slug}-'.str_repeat('x', 120)] as $wrong) {
            $this->setting('batch', $batch->id, 'file_names', $wrong)->assertStatus(422);
        }
        $list = function () use ($batch): array {
            $zip = self::zipOf($this->get("/batches/{$batch->id}/download?all=1")->assertOk());
            $rows = array_map(str_getcsv(...), explode("\r\n", trim((string) $zip->getFromName('manifest.csv'))));

            return array_map(static fn (array $row): array => [$row[0], end($row)], array_slice($rows, 1));
        };
        $this->setting('batch', $batch->id, 'file_names', '{slug}')->assertOk();
        $this->post("/batches/{$batch->id}/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        [$first, $second] = [$batch->shorts[0]->id, $batch->shorts[1]->id];
        self::assertSame(
            [['lamp-draft.mp4', "short-$first"], ['lamp-draft-2.mp4', "short-$second"]], $list(),
            'Two that come to one name do not take each other’s place.',
        );
        $this->setting('batch', $batch->id, 'file_names', '../{batch}_{slug}-{quality}.{target}')->assertOk();
        $this->post("/shorts/$first/exports", ['quality' => 'draft'])->assertRedirect();
        $this->work();
        self::assertSame(['pile_lamp-draft.up-to-60-s-draft.mp4', "short-$first"], $list()[0]);

        // Into a folder: the same files under the same names.
        $folder = TEST_PLACE.'/handed-out';
        File::deleteDirectory($folder);
        $command = $this->console('reel:hand-out', "--batch={$batch->id}", "--out=$folder", '--all');
        self::assertSame(0, $command->getExitCode(), $command->getErrorOutput());
        $names = array_map(static fn ($file): string => $file->getFilename(), File::allFiles($folder, true));
        self::assertCount(11, $names);
        self::assertContains('pile_lamp-draft.up-to-60-s-draft.mp4', $names);
        self::assertContains('manifest.csv', $names);
        self::assertSame(1, $this->console('reel:hand-out', "--batch={$batch->id}", "--out=$folder")->getExitCode());
        self::assertSame(1, $this->console('reel:hand-out', '--batch=None', "--out=$folder")->getExitCode());
    }
}
