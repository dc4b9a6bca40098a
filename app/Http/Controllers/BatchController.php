<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\VoiceBook;
use App\Http\Presenters\ShortRow;
use App\Intake\ScriptFiles;
use App\Jobs\PlanShort;
use App\Models\Batch;
use App\Models\Short;
use App\Shorts\BatchMaker;
use App\Shorts\ExportArchive;
use App\Shorts\ExportDesk;
use App\Shorts\ProblemForOperator;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use RapidReel\Publish\TargetProfile;
use RapidReel\Render\Quality;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class BatchController extends Controller
{
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
        $batch = $maker->make(
            $this->user($request),
            trim((string) ($given['name'] ?? '')),
            $files->fromText((string) ($given['text'] ?? '')),
            $voices->get($given['voice']),
            TargetProfile::from($given['profile']),
        );
        foreach ($batch->shorts as $short) {
            // Their real times are known long before the last one is rendered.
            PlanShort::dispatch($short->id);
            $desk->order($short, Quality::from($given['quality']));
        }

        return redirect()->route('batches.show', $batch)->with('made', true);
    }

    public function show(Batch $batch): View
    {
        return view('batches.show', ['batch' => $batch, ...$this->rows($batch)]);
    }

    /** The rows as they stand, for a page that is open. */
    public function state(Batch $batch): JsonResponse
    {
        $rows = $this->rows($batch);

        return response()->json(['html' => view('batches._rows', $rows)->render(), 'working' => $rows['working'], 'done' => $rows['done']]);
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
        return response()->download($archive->of($this->chosen($request, $batch)), "batch-{$batch->id}.zip", ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    /** @return list<Short> the shorts ticked, or all where none is */
    private function chosen(Request $request, Batch $batch): array
    {
        $ids = array_map(intval(...), (array) $request->input('shorts', []));
        $shorts = $batch->shorts()->with('latestDone')->when($ids !== [], static fn ($query) => $query->whereIn('id', $ids))->get();
        if ($shorts->isEmpty()) {
            throw new ProblemForOperator('None of the chosen shorts is in this batch any more.');
        }

        return array_values($shorts->all());
    }

    /** @return array{rows: list<ShortRow>, working: bool, done: int} */
    private function rows(Batch $batch): array
    {
        $shorts = $batch->shorts()->with(['latestExport', 'latestDone'])->withCount('scenes')->get();
        $rows = array_values(array_map(ShortRow::of(...), $shorts->all()));

        return [
            'rows' => $rows,
            'working' => array_filter($rows, static fn (ShortRow $row): bool => $row->isWorking) !== [],
            'done' => count(array_filter($rows, static fn (ShortRow $row): bool => $row->done !== null)),
        ];
    }
}
