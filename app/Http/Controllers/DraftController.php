<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drafts\DraftDesk;
use App\Gateways\Voices\VoiceBook;
use App\Intake\ScriptFiles;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RapidReel\Base\Refusal;
use RapidReel\Draft\Draft;
use RapidReel\Draft\Tone;
use RapidReel\Hook\HookShape;
use RapidReel\Intake\ScriptSource;

/** Scripts that are not there yet. */
final class DraftController extends Controller
{
    private const LONGEST = 180;

    public function show(DraftDesk $desk): View
    {
        return view('drafts.show', [
            'about' => $desk->about(),
            'tones' => Tone::cases(),
            'shapes' => HookShape::cases(),
        ]);
    }

    public function store(Request $request, DraftDesk $desk, VoiceBook $voices): JsonResponse
    {
        $drafts = $desk->drafts(
            $this->lines($this->text($request, 'topics')),
            $this->lines($this->text($request, 'points')),
            Tone::tryFrom($this->text($request, 'tone')) ?? Tone::Plain,
            HookShape::tryFrom($this->text($request, 'shape')),
            $this->seconds($request),
            $voices->get(VoiceBook::DEFAULT),
            max(0, min(1_000, $this->whole($request, 'round'))),
        );

        return $this->answer(
            array_map(static fn (array $one): array => [$one['draft'], $one['shape']->label()], $drafts),
            $desk,
            $voices,
        );
    }

    public function condense(Request $request, DraftDesk $desk, VoiceBook $voices): JsonResponse
    {
        $source = $this->text($request, 'source');
        $draft = $desk->condensed($source, $this->seconds($request), $voices->get(VoiceBook::DEFAULT));

        return $this->answer(
            [[$draft, 'Condensed from '.number_format((int) preg_match_all('/\S+/', $source)).' words']],
            $desk,
            $voices,
        );
    }

    /** @param  list<array{Draft, string}>  $drafts  each with what it is */
    private function answer(array $drafts, DraftDesk $desk, VoiceBook $voices): JsonResponse
    {
        return response()->json([
            'html' => view('drafts._drafts', [
                'drafts' => array_map(
                    static fn (array $one): array => [
                        'draft' => $one[0],
                        'what' => $one[1],
                        'seconds' => number_format($desk->secondsOf($one[0], $voices->get(VoiceBook::DEFAULT)), 0),
                        'text' => ScriptFiles::toText(new ScriptSource($one[0]->text(), $one[0]->title)),
                    ],
                    $drafts,
                ),
            ])->render(),
        ]);
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
