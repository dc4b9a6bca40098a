<?php

declare(strict_types=1);

namespace App\Sketches;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceRates;
use App\Gateways\Writing\Writing;
use RapidReel\Base\Refusal;
use RapidReel\Base\TargetProfile;
use RapidReel\Cut\ScenePacer;
use RapidReel\Hook\HookShape;
use RapidReel\Script\ScriptReader;
use RapidReel\Sketch\Condenser;
use RapidReel\Sketch\Sketch;
use RapidReel\Sketch\SketchOrder;
use RapidReel\Sketch\Tone;

/** Takes orders for scripts: sketches on topics, and sources to be shortened. */
final readonly class SketchDesk
{
    /** So many sketches of one topic come at a time. */
    private const AT_ONCE = 6;

    private const MOST_TOPICS = 100;

    public function __construct(
        private Writing $writer,
        private ScriptReader $reader,
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
     * @return list<array{sketch: Sketch, shape: HookShape}>
     */
    public function sketches(
        array $topics,
        array $points,
        Tone $tone,
        ?HookShape $shape,
        int $seconds,
        Voice $voice,
        int $round,
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
            );
            $sketches[] = ['sketch' => $this->writer->write($order), 'shape' => $one];
        }

        return $sketches;
    }

    /** A source shortened to a narration of so many seconds, in its own sentences. */
    public function condensed(string $text, int $seconds, Voice $voice): Sketch
    {
        return $this->condenser->condense(
            $this->reader->read($text),
            $seconds,
            $this->rates->of($voice),
            TargetProfile::UpTo60->hookWindowMs(),
            ScenePacer::GAP_MS,
        );
    }

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
