<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\StyleDesk;
use App\Doors\Http\Presenters\Styles\StylesPage;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofFrames;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Plan\Settings\CaptionSettings;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The caption styles of the channel. */
final class StyleController extends Controller
{
    public function index(Request $request, StylesPage $page): View
    {
        $channel = Channel::of($this->user($request));
        $id = $this->whole($request, 'short');
        $short = $id === 0 ? null : Short::query()
            ->whereRelation('batch', 'channel_id', $channel->id)->findOrFail($id);

        return view('house.styles', ['page' => $page->of($channel, $short)]);
    }

    public function picture(Short $short, string $which, ProofFrames $frames): BinaryFileResponse
    {
        $proof = Proof::of($short);
        abort_if($proof === null, 404);

        return $this->media($frames->file($proof->key, $which), 'image/jpeg', "$which.jpg");
    }

    /** Keeps the style of a short under a name. */
    public function store(Request $request, Short $short, StyleDesk $desk, Resolver $resolver): JsonResponse
    {
        $name = $this->text($request, 'name');
        $style = CaptionSettings::style($resolver->short($short)) ?? new CaptionStyle;
        $desk->keep($short->batch->channel, $name, $style);

        return response()->json(['said' => "Saved as “{$name}”: choose it under Captions, here or anywhere."]);
    }

    public function destroy(Request $request, string $style, StyleDesk $desk): JsonResponse
    {
        $desk->drop(Channel::of($this->user($request)), $style);

        return response()->json(['said' => 'The style was deleted.']);
    }
}
