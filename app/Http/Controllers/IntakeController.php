<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Gateways\Voices\VoiceBook;
use App\Gateways\Voices\VoiceSamples;
use App\Http\Presenters\IntakePreview;
use App\Intake\ScriptFiles;
use App\Shorts\ProblemForOperator;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Intake\ScriptSource;
use RapidReel\Publish\TargetProfile;
use RapidReel\Script\UnusableScript;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class IntakeController extends Controller
{
    public function show(VoiceBook $voices): View
    {
        return view('intake.show', ['voices' => $voices->all(), 'profiles' => TargetProfile::cases()]);
    }

    /** What will become of a text, drawn beside it while it is typed. */
    public function preview(Request $request, IntakePreview $preview, ScriptFiles $files): JsonResponse
    {
        $text = (string) $request->input('text');
        $this->refuseTooMuch(strlen($text));
        $profile = TargetProfile::tryFrom((string) $request->input('profile')) ?? TargetProfile::UpTo60;
        $shorts = $preview->of($files->fromText($text), $profile);

        return response()->json([
            'count' => count($shorts),
            'usable' => $shorts !== [] && ! in_array(false, array_column($shorts, 'usable'), true),
            'html' => view('intake._preview', ['shorts' => $shorts, 'profile' => $profile])->render(),
        ]);
    }

    /** Dropped files as text, to be put under what is typed already: nothing stays out of sight. */
    public function files(Request $request, ScriptFiles $files): JsonResponse
    {
        $texts = [];
        $problems = [];
        foreach ((array) $request->file('files') as $file) {
            if (! $file instanceof UploadedFile || ! $file->isValid()) {
                $problems[] = 'A file did not arrive. Drop it again.';

                continue;
            }
            try {
                $this->refuseTooMuch((int) $file->getSize());
                $sources = $files->fromFile($file->getContent(), $file->getClientOriginalName());
                $texts = [...$texts, ...array_map(static fn (ScriptSource $source): string => $source->asText(), $sources)];
            } catch (UnusableScript|ProblemForOperator $problem) {
                $problems[] = $problem->getMessage();
            }
        }

        return response()->json(['text' => implode("\n\n---\n\n", $texts), 'scripts' => count($texts), 'problems' => $problems]);
    }

    public function sample(string $voice, VoiceBook $voices, VoiceSamples $samples): BinaryFileResponse
    {
        $file = in_array($voice, $voices->ids(), true) ? $samples->file($voices->get($voice)) : '';

        return is_file($file) ? response()->file($file, ['Content-Type' => 'audio/wav']) : abort(404);
    }

    private function refuseTooMuch(int $bytes): void
    {
        $most = (int) config('reel.upload.script_bytes');
        if ($bytes > $most) {
            throw new ProblemForOperator(sprintf('That is more text than fits in one batch (%d MB). Split it.', intdiv($most, 1024 * 1024)));
        }
    }
}
