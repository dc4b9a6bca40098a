<?php

declare(strict_types=1);

namespace App\Doors\Http\Controllers;

use App\Desks\Intake\ScriptFiles;
use App\Desks\Sketches\SketchDesk;
use App\Doors\Http\WrongValue;
use App\Gateways\Voices\VoiceBook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Hook\HookShape;
use RapidReel\Text\Sketch\Sketch;
use RapidReel\Text\Sketch\Tone;

/** Scripts that are not there yet. */
final class SketchController extends Controller
{
    private const LONGEST = 180;

    /** Letters of topics that come along from the intake. */
    private const MOST_LETTERS = 2_000;

    /** @throws WrongValue where topics are no text */
    public function show(Request $request, SketchDesk $desk): View
    {
        return view('sketches.show', [
            'topics' => mb_substr($this->text($request, 'topics'), 0, self::MOST_LETTERS),
            'about' => $desk->about(),
            'tones' => Tone::cases(),
            'shapes' => HookShape::cases(),
            // What worked is offered first.
            'chosen' => HookShape::tryFrom($this->text($request, 'shape'))?->value,
        ]);
    }

    public function store(Request $request, SketchDesk $desk, VoiceBook $voices): JsonResponse
    {
        $sketches = $desk->sketches(
            $this->lines($this->text($request, 'topics')),
            $this->lines($this->text($request, 'points')),
            $this->tone($request),
            $this->shape($request),
            $this->seconds($request),
            $voices->get(VoiceBook::DEFAULT),
            $this->round($request),
            $this->text($request, 'audience'),
        );

        return $this->answer(
            array_map(static fn (array $one): array => [$one['sketch'], $one['shape']->label()], $sketches),
            $desk,
            $voices,
        );
    }

    public function reword(Request $request, SketchDesk $desk, VoiceBook $voices): JsonResponse
    {
        $versions = $desk->reworded(
            $this->text($request, 'script'),
            $this->tone($request),
            $this->text($request, 'audience'),
            $this->round($request),
        );

        return $this->answer(
            array_map(static fn (Sketch $sketch): array => [$sketch, 'In other words'], $versions),
            $desk,
            $voices,
        );
    }

    public function condense(Request $request, SketchDesk $desk, VoiceBook $voices): JsonResponse
    {
        $source = $this->text($request, 'source');
        $sketch = $desk->condensed($source, $this->seconds($request), $voices->get(VoiceBook::DEFAULT));

        return $this->answer(
            [[$sketch, 'Condensed from '.number_format((int) preg_match_all('/\S+/', $source)).' words']],
            $desk,
            $voices,
        );
    }

    /** @param  list<array{Sketch, string}>  $sketches  each with what it is */
    private function answer(array $sketches, SketchDesk $desk, VoiceBook $voices): JsonResponse
    {
        return response()->json([
            'html' => view('sketches._sketches', [
                'sketches' => array_map(
                    static fn (array $one): array => [
                        'sketch' => $one[0],
                        'what' => $one[1],
                        'seconds' => number_format($desk->secondsOf($one[0], $voices->get(VoiceBook::DEFAULT)), 0),
                        'text' => ScriptFiles::toText(
                            new ScriptSource($one[0]->text(), $one[0]->title, $one[0]->hooks),
                        ),
                    ],
                    $sketches,
                ),
            ])->render(),
        ]);
    }

    private function tone(Request $request): Tone
    {
        $written = $this->text($request, 'tone');

        return $written === '' ? Tone::Plain : Tone::tryFrom($written) ?? throw new Refusal(sprintf(
            'There is no tone “%s”. There are: %s.',
            mb_strimwidth($written, 0, 40, '…'),
            implode(', ', array_column(Tone::cases(), 'value')),
        ));
    }

    private function shape(Request $request): ?HookShape
    {
        $written = $this->text($request, 'shape');

        return $written === '' ? null : HookShape::tryFrom($written) ?? throw new Refusal(sprintf(
            'There is no shape of hook “%s”. There are: %s.',
            mb_strimwidth($written, 0, 40, '…'),
            implode(', ', array_column(HookShape::cases(), 'value')),
        ));
    }

    /** How many sixes have been asked for before. */
    private function round(Request $request): int
    {
        return max(0, min(1_000, $this->whole($request, 'round')));
    }

    private function seconds(Request $request): int
    {
        $seconds = $this->whole($request, 'seconds');
        if ($seconds < 5 || $seconds > self::LONGEST) {
            throw new Refusal(sprintf('A length is from 5 to %d seconds.', self::LONGEST));
        }

        return $seconds;
    }

    /** @return list<string> */
    private function lines(string $text): array
    {
        return array_values(
            array_filter(
                array_map(trim(...), explode("\n", mb_scrub($text))),
                static fn (string $line): bool => $line !== '',
            ),
        );
    }
}
