<?php

declare(strict_types=1);

namespace App\Drafts;

use App\Gateways\Drafting\Drafting;
use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceRates;
use RapidReel\Base\Refusal;
use RapidReel\Base\TargetProfile;
use RapidReel\Cut\ScenePacer;
use RapidReel\Draft\Condenser;
use RapidReel\Draft\Draft;
use RapidReel\Draft\DraftOrder;
use RapidReel\Draft\Tone;
use RapidReel\Hook\HookShape;
use RapidReel\Script\ScriptReader;

/** Takes orders for scripts: drafts on topics, and sources to be shortened. */
final readonly class DraftDesk
{
    /** So many drafts of one topic come at a time. */
    private const AT_ONCE = 6;

    private const MOST_TOPICS = 100;

    public function __construct(
        private Drafting $writer,
        private ScriptReader $reader,
        private Condenser $condenser,
        private VoiceRates $rates,
    ) {
    }

    /**
     * Six drafts of one topic, or one of each of several.
     *
     * @param  list<string>  $topics
     * @param  list<string>  $points
     * @param  HookShape|null  $shape  null for another one each
     * @param  int  $round  0 for the first six, 1 for six more, …
     * @return list<array{draft: Draft, shape: HookShape}>
     */
    public function drafts(
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
        $drafts = [];
        $words = DraftOrder::wordsIn($seconds, $this->rates->of($voice), ScenePacer::GAP_MS);
        for ($i = 0, $count = count($topics) === 1 ? self::AT_ONCE : count($topics); $i < $count; $i++) {
            $seed = $round * $count + $i;
            // Of several topics none begins like its neighbour; of one, all six begin otherwise.
            $one = $shape ?? HookShape::cases()[$seed % count(HookShape::cases())];
            $order = new DraftOrder(
                $topics[count($topics) === 1 ? 0 : $i],
                count($topics) === 1 ? $points : [],
                $tone,
                $one,
                $words,
                $seed,
            );
            $drafts[] = ['draft' => $this->writer->write($order), 'shape' => $one];
        }

        return $drafts;
    }

    /** A source shortened to a narration of so many seconds, in its own sentences. */
    public function condensed(string $text, int $seconds, Voice $voice): Draft
    {
        return $this->condenser->condense(
            $this->reader->read($text),
            $seconds,
            $this->rates->of($voice),
            TargetProfile::UpTo60->hookWindowMs(),
            ScenePacer::GAP_MS,
        );
    }

    public function secondsOf(Draft $draft, Voice $voice): float
    {
        return array_sum(
            array_map(
                fn (string $sentence): int => $this->rates->of($voice)->ofText($sentence) + ScenePacer::GAP_MS,
                $draft->sentences,
            ),
        ) / 1000;
    }

    public function about(): string
    {
        return $this->writer->about();
    }
}
