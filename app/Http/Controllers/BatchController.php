<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceBook;
use App\Http\Presenters\Rundown;
use App\Http\Presenters\ShortRow;
use App\Intake\ScriptFiles;
use App\Jobs\PlanShort;
use App\Models\Batch;
use App\Models\Channel;
use App\Models\Short;
use App\Scripts\BriefDesk;
use App\Scripts\BulkDesk;
use App\Scripts\EditBook;
use App\Shorts\BatchMaker;
use App\Shorts\ExportArchive;
use App\Shorts\ExportDesk;
use App\Shorts\ProblemForOperator;
use App\Voicing\VoiceDesk;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use RapidReel\Publish\TargetProfile;
use RapidReel\Render\Quality;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class BatchController extends Controller
{
    use TakesChoices;

    public function index(Request $request): View
    {
        $batches = $this->user($request)->batches()->with([
            // Not their cuts, which are large and not shown here.
            'shorts:id,batch_id,number,title',
            'shorts.latestExport',
            'shorts.latestDone',
        ])->latest('id')->paginate(30);

        return view('batches.index', ['batches' => $batches]);
    }

    public function store(Request $request, BatchMaker $maker, ExportDesk $desk, ScriptFiles $files, VoiceBook $voices): RedirectResponse
    {
        $given = $request->validate([
            'text' => ['nullable', 'string', 'max:'.config('reel.upload.script_bytes')],
            'name' => ['nullable', 'string', 'max:120'],
            'voice' => ['required', Rule::in($voices->ids())],
            'profile' => ['required', Rule::enum(TargetProfile::class)],
            'quality' => ['required', Rule::enum(Quality::class)],
        ]);
        $user = $this->user($request);
        $batch = $maker->make($user, trim((string) ($given['name'] ?? '')), $files->fromText((string) ($given['text'] ?? '')), $this->choices($request, $voices, Channel::of($user)));
        foreach ($batch->shorts as $short) {
            // Their real times are known long before the last one is rendered.
            PlanShort::dispatch($short->id);
            if (! $request->boolean('later')) {
                $desk->order($short, Quality::from($given['quality']));
            }
        }

        return redirect()->route('batches.show', $batch)->with('made', true);
    }

    public function show(Batch $batch, Rundown $rundown, VoiceBook $voices): View
    {
        return view('batches.show', ['batch' => $batch, 'voices' => $voices->all(), 'asOf' => now()->getTimestamp(), ...$rundown->of($batch)]);
    }

    /** The rows that changed since a page was drawn. */
    public function state(Request $request, Batch $batch, Rundown $rundown): JsonResponse
    {
        return response()->json($this->fresh($request, $batch, $rundown));
    }

    /** One act on the chosen shorts. */
    public function act(Request $request, Batch $batch, BulkDesk $desk, Rundown $rundown): JsonResponse
    {
        $value = (string) $request->input('value');
        $shorts = $this->chosen($request, $batch);
        $said = match ($request->input('act')) {
            'voice' => $desk->voice($batch, $shorts, $value),
            'profile' => $desk->profile($batch, $shorts, TargetProfile::tryFrom($value) ?? throw new ProblemForOperator('Choose a target.')),
            'split' => $desk->split($batch, $shorts, $this->splitRule($value)),
            'speed' => $desk->pace($batch, $shorts, 'speed', max(Voice::SLOWEST, min(Voice::FASTEST, (int) $value))),
            'pause' => $desk->pace($batch, $shorts, 'pause_ms', $value === '' ? null : max(0, min(VoiceDesk::LONGEST_PAUSE_MS, (int) $value))),
            'dead_air' => $desk->pace($batch, $shorts, 'dead_air_ms', $value === '' ? null : max(0, min(VoiceDesk::LONGEST_PAUSE_MS, (int) $value))),
            'trim' => $desk->trim($batch, $shorts, $request->filled('value') ? max(1, $request->integer('value')) : null),
            'match' => $desk->match($batch, $shorts),
            'copy' => $desk->copy($batch, $shorts),
            'delete' => $desk->delete($batch, $shorts),
            default => throw new ProblemForOperator('That cannot be done to shorts.'),
        };

        return response()->json(['said' => $said, ...$this->fresh($request, $batch, $rundown)]);
    }

    public function undo(Request $request, Batch $batch, EditBook $edits, Rundown $rundown): JsonResponse
    {
        return response()->json(['said' => 'Undone: '.$edits->undo($batch).'.', ...$this->fresh($request, $batch, $rundown)]);
    }

    public function export(Request $request, Batch $batch, ExportDesk $desk): RedirectResponse
    {
        $quality = Quality::tryFrom((string) $request->input('quality')) ?? Quality::Final;
        foreach ($this->chosen($request, $batch) as $short) {
            $desk->order($short, $quality);
        }

        return redirect()->route('batches.show', $batch);
    }

    public function cancel(Request $request, Batch $batch, ExportDesk $desk): RedirectResponse
    {
        foreach ($this->chosen($request, $batch) as $short) {
            foreach ($short->exports as $export) {
                $desk->cancel($export);
            }
        }

        return redirect()->route('batches.show', $batch);
    }

    public function download(Request $request, Batch $batch, ExportArchive $archive): BinaryFileResponse
    {
        return $this->zip($archive->of($this->chosen($request, $batch)), "batch-{$batch->id}.zip");
    }

    public function briefs(Request $request, Batch $batch, BriefDesk $desk): BinaryFileResponse
    {
        return $this->zip($desk->archive($this->chosen($request, $batch), Channel::of($this->user($request))), "batch-{$batch->id}-briefs.zip");
    }

    private function zip(string $path, string $name): BinaryFileResponse
    {
        return response()->download($path, $name, ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    /** @return list<Short> the shorts ticked, or all where none is */
    private function chosen(Request $request, Batch $batch): array
    {
        $ids = array_map(intval(...), (array) $request->input('shorts', []));
        $shorts = $batch->shorts()->with(['latestDone', 'scenes', 'notes', 'hooks'])->when($ids !== [], static fn ($query) => $query->whereIn('id', $ids))->get();
        if ($shorts->isEmpty()) {
            throw new ProblemForOperator('None of the chosen shorts is in this batch any more.');
        }

        return array_values($shorts->each(static fn (Short $short) => $short->setRelation('batch', $batch))->all());
    }

    /** @return array<string, mixed> */
    private function fresh(Request $request, Batch $batch, Rundown $rundown): array
    {
        // A second earlier: times are kept in whole seconds.
        $since = Carbon::createFromTimestamp(max(0, $request->integer('since') - 1));
        $asOf = now()->getTimestamp();
        $now = $rundown->of($batch, $since);

        return [
            'asOf' => $asOf,
            'rows' => array_map(static fn (ShortRow $row): string => view('batches._row', ['row' => $row, 'names' => $now['names']])->render(), $now['rows']),
            'ids' => $now['ids'],
            'working' => $now['working'],
            'undo' => $now['undo'],
            'counts' => view('batches._counts', $now)->render(),
        ];
    }
}
