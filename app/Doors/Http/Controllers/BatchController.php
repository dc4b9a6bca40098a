<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\BatchMaker;
use App\Desks\Editing\BulkDesk;
use App\Desks\Editing\EditBook;
use App\Desks\Editing\PaceEditor;
use App\Desks\Editing\PatternDesk;
use App\Desks\Exporting\ExportArchive;
use App\Desks\Exporting\ExportDesk;
use App\Desks\Exporting\StoppedExports;
use App\Desks\Intake\ScriptFiles;
use App\Desks\PictureOrders\PictureDesk;
use App\Desks\Review\Mender;
use App\Doors\Http\Presenters\BatchRow;
use App\Doors\Http\Presenters\FirstSteps;
use App\Doors\Http\Presenters\Rundown\LengthRow;
use App\Doors\Http\Presenters\Rundown\Rundown;
use App\Doors\Http\Presenters\ShortRow;
use App\Makers\Planning\BriefDesk;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Pattern;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use RapidReel\Base\Refusal;
use RapidReel\Base\Seconds;
use RapidReel\Base\Values;
use RapidReel\Plan\Settings\Level;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class BatchController extends Controller
{
    use TakesChoices;

    public function index(Request $request): View
    {
        $channel = Channel::of($this->user($request));
        $batches = $channel->batches()->with([
            // Not their cuts, which are large and not shown here.
            'shorts:id,batch_id,number,title',
            'shorts.latestExport',
            'shorts.latestDone',
        ])->latest()->latest('id')->paginate(30);

        return view('batches.index', [
            'batches' => $batches,
            'rows' => BatchRow::all($batches->items()),
            'first' => $batches->isEmpty() ? FirstSteps::of($channel) : null,
        ]);
    }

    /** The field in which a setting of its shorts is typed or chosen. */
    public function field(Batch $batch, string $setting, Registrar $registrar): JsonResponse
    {
        $one = $registrar->of($batch->channel)->shown(Level::Short)[$setting] ?? abort(404);

        return response()->json(['html' => view('settings._field', ['setting' => $one])->render()]);
    }

    public function store(
        Request $request,
        BatchMaker $maker,
        ExportDesk $desk,
        ScriptFiles $files,
        Registrar $registrar,
        PatternDesk $patterns,
    ): RedirectResponse {
        $given = $request->validate([
            'text' => ['nullable', 'string', 'max:'.config('reel.upload.script_bytes')],
            'name' => ['nullable', 'string', 'max:120'],
        ]);
        $quality = $this->quality($request);
        $channel = Channel::of($this->user($request));
        $settings = $this->settings($request, $registrar->of($channel));
        $pattern = $this->whole($request, 'pattern') === 0
            ? null
            : Pattern::query()->where('channel_id', $channel->id)->find($this->whole($request, 'pattern'))
                ?? throw new Refusal('This pattern is no longer there. Choose another, or none.');
        // What is chosen beside it counts before it.
        $settings = $pattern === null
            ? $settings
            : new Values([...$patterns->values($pattern)->own, ...$settings->own]);
        $batch = $maker->make(
            $channel,
            trim((string) ($given['name'] ?? '')),
            $files->fromText((string) ($given['text'] ?? '')),
            $settings,
            // With the batch or not at all.
            $request->boolean('later')
                ? null
                : static fn (Batch $made) => $desk->orderAll($made->shorts, $quality),
        );

        return redirect()->route('batches.show', $batch)->with('made', true);
    }

    public function show(Batch $batch, Rundown $rundown): View
    {
        return view('batches.show', [
            'asOf' => now()->getTimestamp(),
            'page' => $rundown->page($batch),
            'rundown' => $rundown->of($batch),
        ]);
    }

    /** The rows that changed since a page was drawn. */
    public function state(Request $request, Batch $batch, Rundown $rundown): JsonResponse
    {
        return response()->json($this->fresh($request, $batch, $rundown));
    }

    /** One act on the chosen shorts. */
    public function act(
        Request $request,
        Batch $batch,
        BulkDesk $desk,
        PictureDesk $pictures,
        PaceEditor $pace,
        PatternDesk $patterns,
        Mender $mender,
        Rundown $rundown,
    ): JsonResponse {
        $act = $request->input('act');
        $shorts = $this->chosen($request, $batch);
        $said = match ($act) {
            'trim' => $desk->trim(
                $batch,
                $shorts,
                // An empty field is no wish to trim to fit: that is said by none.
                $request->exists('value') ? $this->count($request->input('value')) : null,
            ),
            'tighten', 'stretch' => $pace->bring(
                $batch,
                $shorts,
                Seconds::milliseconds($this->text($request, 'value')),
                $act === 'stretch',
            ),
            'pattern' => $patterns->give(
                $batch,
                $shorts,
                Pattern::query()->where('channel_id', $batch->channel_id)->find($this->whole($request, 'value'))
                    ?? throw new Refusal('This pattern is no longer there.'),
            ),
            'match' => $desk->match($batch, $shorts),
            'mend' => $mender->mendAll($batch, $shorts),
            'pictures' => $pictures->orderAll($shorts),
            'copy' => $desk->copy($batch, $shorts),
            'hooks' => $desk->hooks($batch, $shorts),
            'delete' => $desk->delete($batch, $shorts),
            default => throw new Refusal('That cannot be done to shorts.'),
        };

        return response()->json(['said' => $said, ...$this->fresh($request, $batch, $rundown)]);
    }

    /** What it would take to bring the chosen shorts to a length. */
    public function pace(Request $request, Batch $batch, PaceEditor $pace): JsonResponse
    {
        $shorts = $this->chosen($request, $batch);
        $plans = $pace->plans(
            $shorts,
            Seconds::milliseconds($this->text($request, 'value')),
            $request->input('act') === 'stretch',
        );
        $rows = array_map(static fn (Short $short): LengthRow => new LengthRow($short, $plans[$short->id]), $shorts);

        return response()->json([
            'html' => view('pace._plans', ['rows' => $rows])->render(),
            'ready' => array_filter($rows, static fn (LengthRow $row): bool => $row->isReady()) !== [],
        ]);
    }

    public function undo(Request $request, Batch $batch, EditBook $edits, Rundown $rundown): JsonResponse
    {
        return response()->json([
            'said' => 'Undone: '.$edits->undo($batch).'.',
            ...$this->fresh($request, $batch, $rundown),
        ]);
    }

    public function redo(Request $request, Batch $batch, EditBook $edits, Rundown $rundown): JsonResponse
    {
        return response()->json([
            'said' => 'Done again: '.$edits->redo($batch).'.',
            ...$this->fresh($request, $batch, $rundown),
        ]);
    }

    public function export(
        Request $request,
        Batch $batch,
        ExportDesk $desk,
        StoppedExports $stopped,
    ): RedirectResponse {
        $quality = $this->quality($request);
        [$shorts, $why] = $stopped->of($batch, $this->chosen($request, $batch), $quality);
        $desk->orderAll($shorts, $quality);
        $back = redirect()->route('batches.show', $batch);

        return $why === '' ? $back : $back->with('problem', $why);
    }

    public function cancel(Request $request, Batch $batch, ExportDesk $desk): RedirectResponse
    {
        $desk->cancelAll($this->chosen($request, $batch));

        return redirect()->route('batches.show', $batch);
    }

    /** What is finished, as a ZIP that is sent as it is put together. */
    public function download(Request $request, Batch $batch, ExportArchive $archive): StreamedResponse
    {
        $files = $archive->of($this->chosen($request, $batch), $request->boolean('all'));

        return response()->stream(static function () use ($files): void {
            foreach ($files->zip() as $piece) {
                echo $piece;
                flush();
            }
        }, 200, [
            'Content-Type' => 'application/zip',
            'Content-Length' => (string) $files->length(),
            'Content-Disposition' => "attachment; filename=\"batch-{$batch->id}.zip\"",
            'Cache-Control' => 'private, no-store',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    public function briefs(Request $request, Batch $batch, BriefDesk $desk): BinaryFileResponse
    {
        return $this->zip($desk->archive($this->chosen($request, $batch)), "batch-{$batch->id}-briefs.zip");
    }

    private function zip(string $path, string $name): BinaryFileResponse
    {
        return response()->download($path, $name, ['Content-Type' => 'application/zip'])
            ->setPrivate()
            ->deleteFileAfterSend();
    }

    private function count(mixed $value): int
    {
        return filter_var($value, FILTER_VALIDATE_INT, ['options' => [
            'min_range' => 1,
            'max_range' => Short::MOST_SENTENCES,
        ]]) !== false
            ? (int) $value
            : throw new Refusal('Say how many sentences are to go: a whole number from 1.');
    }

    /** @return array<string, mixed> */
    private function fresh(Request $request, Batch $batch, Rundown $rundown): array
    {
        $since = $request->input('since');
        // A page that was told a later time than it is now has seen the clock set back: it gets all.
        $since = is_numeric($since) && (int) $since > now()->getTimestamp() ? null : $since;
        // A second earlier: times are kept in whole seconds.
        $now = $rundown->of(
            $batch->refresh()->load('channel'),
            is_numeric($since) ? Carbon::createFromTimestamp(max(0, min(4_000_000_000, (int) $since)) - 1) : null,
        );

        return [
            'asOf' => now()->getTimestamp(),
            'rows' => array_map(
                static fn (ShortRow $row): string => view('batches._row', ['row' => $row])->render(),
                $now->rows,
            ),
            'ids' => $now->ids,
            ...$now->state->drawn(),
            'head' => view('batches._head', ['rundown' => $now])->render(),
            'counts' => $now->counts,
            'next' => $now->next,
        ];
    }
}
