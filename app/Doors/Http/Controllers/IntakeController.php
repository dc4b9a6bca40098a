<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Intake\IntakeText;
use App\Desks\Intake\ScriptChoices;
use App\Desks\Intake\ScriptFiles;
use App\Doors\Http\Presenters\Intake\Intake;
use App\Doors\Http\Presenters\Intake\IntakeCard;
use App\Doors\Http\Presenters\Intake\IntakePreview;
use App\Shelves\Levels\Registrar;
use App\Shelves\Models\Channel;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RapidReel\Base\Refusal;
use RapidReel\Text\Sketch\TopicList;

final class IntakeController extends Controller
{
    use TakesChoices;

    public function show(Request $request, Intake $intake): View
    {
        return view('intake.show', ['intake' => $intake->of(Channel::of($this->user($request)))]);
    }

    /** What will become of a text, drawn beside it while it is typed. */
    public function preview(
        Request $request,
        IntakePreview $preview,
        ScriptFiles $files,
        Registrar $registrar,
    ): JsonResponse {
        $text = $this->script($request);
        $sources = $files->fromText($text);
        $most = (int) config('reel.most_scripts');
        if (count($sources) > $most) {
            throw new Refusal(
                sprintf(
                    '%s scripts are too many for one batch; at most %d go into one.',
                    number_format(count($sources)),
                    $most,
                ),
            );
        }
        $channel = Channel::of($this->user($request));
        $registry = $registrar->of($channel);
        $shorts = $preview->of(
            $sources,
            ScriptChoices::of($channel, $registry, $this->settings($request, $registry)),
            $channel->id,
        );

        return response()->json([
            'count' => count($shorts),
            'usable' => $shorts !== [] &&
                array_filter($shorts, static fn (IntakeCard $card): bool => $card->problem !== '') === [],
            'html' => view('intake._preview', ['shorts' => $shorts, 'topics' => TopicList::in($text)])->render(),
        ]);
    }

    /** The text with a note of it spoken. */
    public function say(Request $request, IntakeText $texts): JsonResponse
    {
        return response()->json([
            'text' => $texts->saying(
                $this->script($request),
                $this->whole($request, 'script'),
                $this->whole($request, 'line'),
                $this->whole($request, 'run'),
            ),
        ]);
    }

    /** The text with some articles of a script alone. */
    public function keep(Request $request, IntakeText $texts): JsonResponse
    {
        return response()->json([
            'text' => $texts->keeping(
                $this->script($request),
                $this->whole($request, 'script'),
                $this->ids($request->input('articles')),
            ),
        ]);
    }

    /** Dropped files as text, to be put under what is typed already: nothing stays out of sight. */
    public function files(Request $request, ScriptFiles $files): JsonResponse
    {
        $sources = [];
        $problems = [];
        $tell = static function (string $problem) use (&$problems): void {
            $problems[] = $problem;
        };
        $came = (array) $request->file('files');
        $sent = $this->whole($request, 'count');
        if ($sent > count($came)) {
            $tell(sprintf(
                'Only %d of %d files arrived; this server takes no more at once. Drop the others again.',
                count($came),
                $sent,
            ));
        }
        foreach ($came as $file) {
            if (! $file instanceof UploadedFile || ! $file->isValid()) {
                $tell('A file did not arrive. Drop it again.');

                continue;
            }
            try {
                $this->refuseTooMuch((int) $file->getSize());
                array_push(
                    $sources,
                    ...$files->fromFile($file->getContent(), $file->getClientOriginalName(), $tell),
                );
            } catch (Refusal $problem) {
                $tell($problem->getMessage());
            }
        }

        return response()->json([
            'text' => ScriptFiles::toText(...$sources),
            'scripts' => count($sources),
            'problems' => $problems,
        ]);
    }

    private function script(Request $request): string
    {
        $text = $this->text($request, 'text');
        $this->refuseTooMuch(strlen($text));

        return $text;
    }

    private function refuseTooMuch(int $bytes): void
    {
        $most = (int) config('reel.upload.script_bytes');
        if ($bytes > $most) {
            throw new Refusal(
                sprintf('That is more text than fits in one batch (%d MB). Split it.', intdiv($most, 1024 * 1024)),
            );
        }
    }
}
