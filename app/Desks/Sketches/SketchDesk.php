<?php

declare(strict_types=1);

namespace App\Desks\Sketches;

use App\Desks\Intake\ScriptFiles;
use App\Gateways\Voices\VoiceRates;
use App\Gateways\Writing\Writing;
use App\Media\Store\StrangePlace;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\TargetLength;
use RapidReel\Plan\Cut\ScenePacer;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Hook\HookShape;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneSplitter;
use RapidReel\Text\Script\SplitRule;
use RapidReel\Text\Script\UnusableScript;
use RapidReel\Text\Sketch\Condenser;
use RapidReel\Text\Sketch\Rewording;
use RapidReel\Text\Sketch\Sketch;
use RapidReel\Text\Sketch\SketchOrder;
use RapidReel\Text\Sketch\Tone;
use RapidReel\Voice\Speech\Voice;

/** Takes orders for scripts: sketches on topics, and sources to be shortened. */
final readonly class SketchDesk
{
    /** So many sketches of one topic come at a time. */
    private const AT_ONCE = 6;

    private const MOST_TOPICS = 100;

    public function __construct(
        private Writing $writer,
        private ScriptReader $reader,
        private ScriptFiles $files,
        private SceneSplitter $splitter,
        private Condenser $condenser,
        private VoiceRates $rates,
    ) {
    }

    /**
     * Six sketches of one topic, or one of each of several.
     *
     * @param  list<string>  $topics
     * @param  list<string>  $points
     * @param  HookShape|null  $shape  null for another one each
     * @param  int  $round  0 for the first six, 1 for six more, …
     * @param  string  $audience  for whom they are; empty for anybody
     * @return list<array{sketch: Sketch, shape: HookShape}>
     *
     * @throws Refusal
     */
    public function sketches(
        array $topics,
        array $points,
        Tone $tone,
        ?HookShape $shape,
        int $seconds,
        Voice $voice,
        int $round,
        string $audience = '',
    ): array {
        if ($topics === []) {
            throw new Refusal('Write a topic, or several, one a line.');
        }
        if (count($topics) > self::MOST_TOPICS) {
            throw new Refusal(
                sprintf('%d topics are too many at once; write at most %d.', count($topics), self::MOST_TOPICS),
            );
        }
        $sketches = [];
        $words = SketchOrder::wordsIn($seconds, $this->rates->of($voice), ScenePacer::GAP_MS);
        for ($i = 0, $count = count($topics) === 1 ? self::AT_ONCE : count($topics); $i < $count; $i++) {
            $seed = $round * $count + $i;
            // Of several topics none begins like its neighbour; of one, all six begin otherwise.
            $one = $shape ?? HookShape::cases()[$seed % count(HookShape::cases())];
            $order = new SketchOrder(
                $topics[count($topics) === 1 ? 0 : $i],
                count($topics) === 1 ? $points : [],
                $tone,
                $one,
                $words,
                $seed,
                $audience,
            );
            $sketches[] = ['sketch' => $this->writer->write($order), 'shape' => $one];
        }

        return $sketches;
    }

    /**
     * Six versions of a script in other words. Its other hooks and what is to be seen go along.
     *
     * @return non-empty-list<Sketch>
     *
     * @throws Refusal
     * @throws UnusableScript
     */
    public function reworded(string $text, Tone $tone, string $audience, int $round): array
    {
        $source = $this->files->fromText($text)[0] ?? throw new Refusal('Paste a script to say another way.');
        $script = $this->reader->read($source->text, $source->title);
        $scenes = $this->splitter->split($script, SplitRule::sentence());
        $notes = [];
        foreach ($script->notes($scenes) as $note) {
            if ($note->picture() !== null) {
                $notes[$note->scene][] = $note->picture();
            }
        }
        $sentences = array_map(static fn (Scene $scene): string => $scene->text, $scenes);
        $versions = [];
        for ($i = 0; $i < self::AT_ONCE; $i++) {
            $versions[] = $this->writer->reword(
                new Rewording(
                    $script->title,
                    $sentences,
                    $tone,
                    $audience,
                    $round * self::AT_ONCE + $i,
                    $source->hooks,
                    $notes,
                ),
                $versions,
            );
        }

        return $versions;
    }

    /**
     * A source shortened to a narration of so many seconds, in its own sentences.
     *
     * @throws UnusableScript
     * @throws StrangePlace
     */
    public function condensed(string $text, int $seconds, Voice $voice): Sketch
    {
        return $this->condenser->condense(
            $this->reader->read($text),
            $seconds,
            $this->rates->of($voice),
            TargetLength::HOOK_MS,
            ScenePacer::GAP_MS,
        );
    }

    /** @throws StrangePlace */
    public function secondsOf(Sketch $sketch, Voice $voice): float
    {
        return array_sum(
            array_map(
                fn (string $sentence): int => $this->rates->of($voice)->ofText($sentence) + ScenePacer::GAP_MS,
                $sketch->sentences,
            ),
        ) / 1000;
    }

    public function about(): string
    {
        return $this->writer->about();
    }
}
