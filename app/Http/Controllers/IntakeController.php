<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\VoiceBook;
use App\Http\Presenters\IntakePreview;
use App\Intake\IntakeText;
use App\Intake\ScriptFiles;
use App\Models\Channel;
use App\Shorts\ProblemForOperator;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\UnusableScript;

final class IntakeController extends Controller
{
    use TakesChoices;

    public function show(Request $request, VoiceBook $voices): View
    {
        $channel = Channel::of($this->user($request));

        return view('intake.show', ['voices' => $voices->all(), 'chosen' => $channel->voice !== '' ? $channel->voice : VoiceBook::DEFAULT, 'profiles' => TargetProfile::cases()]);
    }

    /** What will become of a text, drawn beside it while it is typed. */
    public function preview(Request $request, IntakePreview $preview, ScriptFiles $files, VoiceBook $voices): JsonResponse
    {
        $sources = $files->fromText($this->text($request));
        $most = (int) config('reel.most_scripts');
        if (count($sources) > $most) {
            throw new ProblemForOperator(sprintf('%s scripts are too many for one batch; at most %d go into one.', number_format(count($sources)), $most));
        }
        $channel = Channel::of($this->user($request));
        $shorts = $preview->of($sources, $this->choices($request, $voices, $channel), $channel);

        return response()->json([
            'count' => count($shorts),
            'usable' => $shorts !== [] && ! in_array(false, array_column($shorts, 'usable'), true),
            'html' => view('intake._preview', ['shorts' => $shorts])->render(),
        ]);
    }

    /** The text with a note of it spoken. */
    public function say(Request $request, IntakeText $texts): JsonResponse
    {
        return response()->json(['text' => $texts->saying($this->text($request), $request->integer('script'), $request->integer('line'), $request->integer('run'))]);
    }

    /** The text with some articles of a script alone. */
    public function keep(Request $request, IntakeText $texts): JsonResponse
    {
        return response()->json(['text' => $texts->keeping($this->text($request), $request->integer('script'), array_values(array_map(intval(...), (array) $request->input('articles'))))]);
    }

    /** Dropped files as text, to be put under what is typed already: nothing stays out of sight. */
    public function files(Request $request, ScriptFiles $files): JsonResponse
    {
        $sources = [];
        $problems = [];
        foreach ((array) $request->file('files') as $file) {
            if (! $file instanceof UploadedFile || ! $file->isValid()) {
                $problems[] = 'A file did not arrive. Drop it again.';

                continue;
            }
            try {
                $this->refuseTooMuch((int) $file->getSize());
                $sources = [...$sources, ...$files->fromFile($file->getContent(), $file->getClientOriginalName())];
            } catch (UnusableScript|ProblemForOperator $problem) {
                $problems[] = $problem->getMessage();
            }
        }

        return response()->json(['text' => ScriptFiles::toText(...$sources), 'scripts' => count($sources), 'problems' => $problems]);
    }

    private function text(Request $request): string
    {
        $text = (string) $request->input('text');
        $this->refuseTooMuch(strlen($text));

        return $text;
    }

    private function refuseTooMuch(int $bytes): void
    {
        $most = (int) config('reel.upload.script_bytes');
        if ($bytes > $most) {
            throw new ProblemForOperator(sprintf('That is more text than fits in one batch (%d MB). Split it.', intdiv($most, 1024 * 1024)));
        }
    }
}
