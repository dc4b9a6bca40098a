<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\PicturePlacing;
use App\Desks\PictureOrders\PictureDesk;
use App\Makers\Planning\BriefDesk;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Brief\BriefList;

/** What every shot of a short should show. */
final class BriefController extends Controller
{
    public function show(Short $short, BriefDesk $desk, PictureDesk $pictures): View
    {
        $order = $pictures->last($short);

        return view('briefs.show', [
            'short' => $short->load(['batch.channel', 'scenes']),
            'channel' => $short->batch->channel,
            'briefs' => $desk->of($short),
            'about' => $pictures->about(),
            'order' => $order,
        ]);
    }

    /** Has pictures made: four for each shot, or four more for some. */
    public function make(Request $request, Short $short, PictureDesk $pictures): JsonResponse
    {
        $numbers = array_values(array_map(intval(...), (array) $request->input('ids', [])));
        $order = $pictures->order($short, $numbers);

        return response()->json(['said' => count($order->briefs) === 1
            ? 'Four are being made.'
            : 'Four are being made for each of '.count($order->briefs).' shots.']);
    }

    /** How far that is, and what came of it. */
    public function made(Short $short, BriefDesk $desk, PictureDesk $pictures): JsonResponse
    {
        $order = $pictures->last($short);
        $isDone = $order !== null && ! $order->open && $order->problem === null;
        $briefs = $isDone ? $desk->of($short) : [];

        return response()->json([
            'working' => $order !== null && $order->open,
            'done' => $order === null ? 0 : count($order->made),
            'all' => $order === null ? 0 : count($order->briefs),
            'problem' => $order->problem ?? '',
            'revision' => $short->revision,
            'html' => $order === null || ! $isDone ? '' : view('briefs._brought', [
                'brought' => $pictures->came($order, count($briefs)),
                'briefs' => $briefs,
                'short' => $short->load('scenes.shots'),
                'canMore' => true,
            ])->render(),
        ]);
    }

    /** Puts pictures that came back to the shots of their numbers. */
    public function bring(
        Request $request,
        Short $short,
        PicturePlacing $placing,
        BriefDesk $desk,
    ): JsonResponse {
        $names = array_values(array_filter(
            explode("\n", $this->text($request, 'names')),
            static fn (string $name): bool => $name !== '',
        ));
        $ids = array_map(intval(...), (array) $request->input('ids', []));
        if (count($names) !== count($ids)) {
            throw new Refusal('Every picture needs its name. Upload them again.');
        }
        $files = array_map(static fn (string $name, int $id): array => [$name, $id], $names, $ids);

        return response()->json(['html' => view('briefs._brought', [
            'brought' => $placing->bring($short, $files),
            'briefs' => $desk->of($short->refresh()),
            'short' => $short,
        ])->render()]);
    }

    public function file(Short $short, string $kind, BriefDesk $desk): Response
    {
        $briefs = $desk->of($short);

        return response($kind === 'csv' ? BriefList::csv($briefs) : BriefList::plain($briefs), 200, [
            'Content-Type' => $kind === 'csv' ? 'text/csv; charset=utf-8' : 'text/plain; charset=utf-8',
            'Content-Disposition' => sprintf('attachment; filename="%s-briefs.%s"', $short->fileName(), $kind),
        ]);
    }
}
