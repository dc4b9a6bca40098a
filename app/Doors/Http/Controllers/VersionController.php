<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Translating\GlossaryBook;
use App\Desks\Translating\VersionBook;
use App\Desks\Translating\VersionDesk;
use App\Desks\Translating\VersionUpdate;
use App\Doors\Http\Presenters\Versions\VersionsPage;
use App\Ground\Work\Orders;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Short;
use App\Shelves\Models\VersionOrder;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\TranslationFinding;
use RapidReel\Text\Translation\TranslationTable;
use RapidReel\Text\Translation\Version\VersionWay;
use RapidReel\Text\Translation\Xliff;

/** Shorts in other languages. */
final class VersionController extends Controller
{
    private const MOST_BYTES = 10_000_000;

    private const MOST_TOLD = 6;

    public function show(
        Request $request,
        Short $short,
        VersionsPage $page,
        VersionBook $book,
    ): View|RedirectResponse {
        return $short->version_of === null
            ? view('versions.show', ['page' => $page->of($short, $this->whole($request, 'in'))])
            : redirect()->route('versions.show', [$book->source($short), 'in' => $short->id]);
    }

    public function state(Request $request, Short $short, VersionsPage $page): JsonResponse
    {
        $view = $page->list($short, $this->whole($request, 'in'));

        return response()->json([
            'rows' => view('versions._list', ['page' => $view])->render(), 'lead' => $view->lead(),
            'working' => $view->isWorking(), 'undo' => null, 'redo' => null,
        ]);
    }

    /** @throws Refusal */
    public function make(Request $request, Short $short, VersionDesk $desk, Orders $orders): RedirectResponse
    {
        $said = $desk->order($short->batch, [$short], $this->languages($request), $this->way($request), $orders);

        return redirect()->route('versions.show', $short)->with('saved', $said);
    }

    public function batch(Request $request, Batch $batch, VersionsPage $page): View
    {
        return view('versions.batch', [
            'batch' => $batch, 'offered' => $page->offered(),
            'shorts' => $this->chosen($request, $batch),
        ]);
    }

    /** @throws Refusal */
    public function makeAll(Request $request, Batch $batch, VersionDesk $desk, Orders $orders): RedirectResponse
    {
        $shorts = $this->chosen($request, $batch);
        $said = $desk->order($batch, $shorts, $this->languages($request), $this->way($request), $orders);

        return redirect()->route('batches.show', $batch)->with('saved', $said);
    }

    /** @throws Refusal */
    public function bring(Short $short, VersionUpdate $update): RedirectResponse
    {
        $count = $update->bring($short);

        return $this->back($short, $count === 0 ? 'All of it is as its source already.' : match ($count) {
            1 => 'One sentence was translated.', default => "$count sentences were translated.",
        });
    }

    /** @throws Refusal */
    public function say(Request $request, Short $short, VersionUpdate $update): RedirectResponse
    {
        $said = array_filter((array) $request->input('said', []), is_string(...));
        $count = $update->say($short, array_map(static fn (string $text): string => mb_scrub($text), $said));

        return $this->back($short, match ($count) {
            0 => 'Nothing was changed.', 1 => 'One sentence was changed.', default => "$count sentences were changed.",
        });
    }

    /** @throws Refusal */
    public function take(Request $request, Short $short, VersionUpdate $update): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            throw new Refusal('Choose the XLIFF or CSV file that came back, of at most 10 MB.');
        }
        $checked = $update->take($short, (string) file_get_contents($file->getRealPath() ?: ''));
        $told = array_map(
            static fn (TranslationFinding $one): string => "$one->unit: $one->said",
            array_slice($checked->findings, 0, self::MOST_TOLD),
        );
        $more = count($checked->findings) - count($told);

        return $this->back($short, sprintf('%d sentences were taken.', count($checked->taken)))->with(
            'findings', [
                ...$told, ...($more > 0 ? ["and $more more, each beside its sentence where that was taken."] : []),
            ],
        );
    }

    /** @throws Refusal */
    public function file(Short $short, string $kindOf, VersionUpdate $update): Response
    {
        $sent = $update->sent($short);

        return response($kindOf === 'csv' ? TranslationTable::write($sent) : Xliff::write($sent), 200, [
            'Content-Type' => $kindOf === 'csv' ? 'text/csv; charset=utf-8' : 'application/xliff+xml',
            'Content-Disposition' => sprintf('attachment; filename="%s.%s"', $short->fileName(), $kindOf),
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    /** @throws Refusal */
    public function glossary(Request $request, Short $short, GlossaryBook $glossaries): RedirectResponse
    {
        return $this->back($short, $glossaries->keep(
            $short->batch->channel, $short->language, $this->text($request, 'words'),
        ));
    }

    /** Takes an order that went wrong off the list. */
    public function forget(Request $request, Short $short): RedirectResponse
    {
        VersionOrder::query()->where('short_id', $short->id)->where('open', false)
            ->whereKey($this->whole($request, 'order'))->delete();

        return redirect()->route('versions.show', $short);
    }

    private function back(Short $version, string $said): RedirectResponse
    {
        return redirect()->route('versions.show', [$version->version_of ?? $version->id, 'in' => $version->id])
            ->with('saved', $said);
    }

    /** @return list<string> */
    private function languages(Request $request): array
    {
        $chosen = array_filter((array) $request->input('languages', []), is_string(...));

        return array_values([...$chosen, ...preg_split('/[\s,;]+/', $this->text($request, 'other')) ?: []]);
    }

    /** @throws Refusal */
    private function way(Request $request): VersionWay
    {
        return VersionWay::tryFrom($this->text($request, 'way'))
            ?? throw new Refusal('Choose how its times come about.');
    }

    /** @return list<Short> those that are chosen, or all, without versions */
    private function chosen(Request $request, Batch $batch): array
    {
        $ids = array_map(intval(...), (array) $request->input('shorts', []));

        return array_values($batch->shorts()->with(['batch.channel'])->whereNull('version_of')
            ->when($ids !== [], static fn ($query) => $query->whereKey($ids))->get()->all());
    }
}
