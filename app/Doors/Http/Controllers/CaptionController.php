<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Editing\CaptionEditor;
use App\Desks\Editing\CaptionImport;
use App\Desks\Editing\CaptionMender;
use App\Desks\Editing\HalfFit;
use App\Doors\Http\Presenters\Captions\CaptionsPage;
use App\Makers\Planning\LiveCaptions;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofDesk;
use App\Makers\Proofs\ProofMaker;
use App\Shelves\Models\Scene;
use App\Shelves\Models\Short;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Contrast\MendKind;
use RapidReel\Plan\Cut\CaptionFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The captions of a short. */
final class CaptionController extends Controller
{
    private const TYPES = ['srt' => 'application/x-subrip', 'vtt' => 'text/vtt', 'ass' => 'text/x-ssa'];

    public function show(Short $short, CaptionsPage $page): View
    {
        return view('captions.show', ['page' => $page->of($short)]);
    }

    /** The page as it stands, for one that is open. */
    public function state(Short $short, CaptionsPage $page): JsonResponse
    {
        $view = $page->of($short);

        return response()->json([
            'rows' => view('captions._rows', ['page' => $view])->render(),
            'settings' => view('captions._settings', ['page' => $view])->render(),
            'clear' => view('captions._clear', ['page' => $view])->render(),
            'lead' => $view->lead(),
            ...$view->stage->toArray(),
            ...$view->state->drawn(),
        ]);
    }

    /** Has the pictures behind the captions made, if they are not there. */
    public function order(Short $short, ProofDesk $proofs): JsonResponse
    {
        $proofs->look($short);

        return response()->json(['ready' => $proofs->order($short)]);
    }

    public function proof(Short $short, ProofMaker $proofs): BinaryFileResponse
    {
        $proof = Proof::of($short);
        abort_if($proof === null, 404);

        return $this->media($proofs->file($proof->key), 'video/mp4', "{$short->fileName()}-proof.mp4");
    }

    /** Changes one caption. */
    public function change(Request $request, Scene $scene, CaptionEditor $editor): JsonResponse
    {
        $word = $this->whole($request, 'word');
        match ($request->input('do')) {
            'join' => $editor->join($scene, $word),
            'split' => $editor->split($scene, $word, $this->whole($request, 'at')),
            'reword' => $editor->reword($scene, $word, $this->text($request, 'text')),
            'nudge' => $editor->nudge($scene, $word, $this->whole($request, 'from'), $this->whole($request, 'until')),
            'break' => $editor->break($scene, $word, $this->whole($request, 'at')),
            'free' => $editor->free($scene, $word),
            'stress' => $editor->stress($scene, $word, $request->boolean('on')),
            'emoji' => $editor->emoji($scene, $word, $this->text($request, 'text')),
            'plain' => $editor->emoji($scene, $word, null),
            default => throw new Refusal('That cannot be done with a caption.'),
        };

        return response()->json(['said' => 'Done.']);
    }

    /** Makes faint captions clear. */
    public function mend(Request $request, Short $short, CaptionMender $mender): JsonResponse
    {
        $kind = MendKind::tryFrom($this->text($request, 'kind')) ?? throw new Refusal('Captions are not mended so.');
        $count = $mender->mend($short, $kind);

        return response()->json(['said' => $count === 1 ? '1 caption mended.' : "$count captions mended."]);
    }

    /** Captions out of a subtitle file. */
    public function import(Request $request, Short $short, CaptionImport $import): JsonResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refusal('Choose an SRT, WebVTT or ASS file.');
        }

        try {
            return response()->json(['said' => $import->bring(
                $short, $file->getRealPath() ?: '', $request->boolean('times'), $request->boolean('sure'),
            )]);
        } catch (HalfFit $question) {
            return response()->json(['said' => '', 'asks' => $question->getMessage()]);
        }
    }

    public function file(Short $short, string $format, LiveCaptions $captions): Response
    {
        return response(CaptionFile::from($format)->write($captions->of($short)), 200, [
            'Content-Type' => self::TYPES[$format].'; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$short->fileName()}.$format\"",
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }
}
