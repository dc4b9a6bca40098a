<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\EditBook;
use App\Desks\Editing\House\HouseApplier;
use App\Desks\Editing\House\HouseDesk;
use App\Desks\Editing\House\HouseImportDesk;
use App\Desks\Editing\House\HousePacker;
use App\Desks\Library\StarterDesk;
use App\Doors\Http\Presenters\House\House;
use App\Shelves\Models\Batch;
use App\Shelves\Models\Channel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Settings\StarterStyle;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The house style of the channel. */
final class HouseController extends Controller
{
    public function show(Request $request, House $house): View
    {
        $channel = Channel::of($this->user($request));

        return view('house.show', [
            'house' => $house->of($channel), 'state' => $house->state($channel), 'brought' => $house->brought($channel),
        ]);
    }

    /**
     * The short that the house style is shown on as it stands, for a page that is open; and the settings, unless it
     * asks for the preview alone.
     */
    public function state(Request $request, House $house): JsonResponse
    {
        $channel = Channel::of($this->user($request));
        $state = $house->state($channel);
        if ($request->boolean('preview')) {
            return response()->json($state->toArray());
        }
        $page = $house->of($channel);

        return response()->json([
            'settings' => view('house._settings', ['house' => $page])->render(),
            'apply' => view('house._apply', ['house' => $page])->render(),
            ...$state->toArray(),
            ...$state->page->drawn(),
        ]);
    }

    /** Has the house style hold for a batch. */
    public function apply(Request $request, Batch $batch, HouseApplier $applier): JsonResponse
    {
        $changed = $applier->apply($batch);

        return response()->json([
            'said' => $changed === 1 ? '1 short follows the house style now.'
                : "$changed shorts follow the house style now.",
        ]);
    }

    public function update(Request $request, HouseDesk $desk): RedirectResponse
    {
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:80'],
                ...array_map(static fn (int $most): array => ['nullable', 'string', "max:$most"], HouseDesk::WORDS),
            ],
            ['name.required' => 'A channel needs a name.'],
        );
        $desk->describe(Channel::of($this->user($request)), [
            'name' => trim($given['name']),
            ...array_map(
                static fn (string $key): string => trim((string) ($given[$key] ?? '')),
                array_combine(array_keys(HouseDesk::WORDS), array_keys(HouseDesk::WORDS)),
            ),
        ]);

        return back()->with('saved', true);
    }

    /** Begins from one of the styles that ship. */
    public function begin(Request $request, StarterDesk $desk): RedirectResponse
    {
        $style = StarterStyle::tryFrom($this->text($request, 'style'))
            ?? throw new Refusal('Choose one of the styles.');
        $desk->style(Channel::of($this->user($request)), $style);

        return redirect()->route('house')->with(
            'saved', "The house style is “{$style->label()}” now. All of it can be changed, and taken back at once.",
        );
    }

    /** The house style as one file. */
    public function pack(Request $request, HousePacker $packer): BinaryFileResponse
    {
        return response()->download($packer->pack(Channel::of($this->user($request))), 'house-style.zip', [
            'Content-Type' => 'application/zip',
        ])->setPrivate()->deleteFileAfterSend();
    }

    /** Takes a file in; a worker makes it the house style. */
    public function unpack(Request $request, HouseImportDesk $desk): RedirectResponse
    {
        $file = $request->file('house');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('Choose the ZIP of a house style first.');
        }
        $desk->bring(
            Channel::of($this->user($request)), $file->getRealPath() ?: '', $file->getClientOriginalName(),
        );

        return redirect()->route('house');
    }

    public function undo(Request $request, EditBook $edits): JsonResponse
    {
        return response()->json(['said' => 'Undone: '.$edits->undo(Channel::of($this->user($request))).'.']);
    }

    public function redo(Request $request, EditBook $edits): JsonResponse
    {
        return response()->json(['said' => 'Done again: '.$edits->redo(Channel::of($this->user($request))).'.']);
    }
}
