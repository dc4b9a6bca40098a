<?php

declare(strict_types=1);

namespace RapidReel\Text\Sketch;

use Random\Engine\Mt19937;
use Random\Randomizer;
use RapidReel\Base\Refusal;
use RapidReel\Text\Hook\HookShape;

/**
 * Writes a sketch from sentence patterns: a hook of the shape that was asked for, every key point in its order and
 * wording, sentences that bring it to its length, and a close. It knows nothing of the topic; the same order gives the
 * same sketch.
 */
final class PatternWriter
{
    /** How far from the words asked for a sketch may be. */
    public const TOLERANCE = 0.1;

    /** @throws Refusal in the operator's words, when the key points alone are too long */
    public function write(SketchOrder $order): Sketch
    {
        $chance = new Randomizer(
            new Mt19937(crc32("{$order->topic}/{$order->tone->value}/{$order->shape->value}/{$order->seed}")),
        );
        $count = count(HookPatterns::of($order->shape));
        $hook = HookPatterns::write($order->shape, $order->topic, $order->seed % $count, intdiv($order->seed, $count));
        $closes = Phrases::closes($order->tone);
        $close = $closes[$chance->getInt(0, count($closes) - 1)];
        $points = array_map(self::sentence(...), $order->points);
        $address = $order->audience === ''
            ? []
            : [Reworder::addressed(Phrases::ADDRESS[$order->seed % count(Phrases::ADDRESS)], $order->audience)];

        $room =
            $order->words -
            Sketch::wordsOf($hook.' '.implode(' ', $address)) -
            Sketch::wordsOf($close) -
            array_sum(array_map(Sketch::wordsOf(...), $points));
        if ($room < -self::TOLERANCE * $order->words) {
            throw new Refusal(
                sprintf(
                    'Hook, key points and close alone have %d words, and you asked for %d. Ask for more seconds, or '
                        .'leave out a point.',
                    $order->words - $room,
                    $order->words,
                ),
            );
        }
        $phrases = array_map(
            static fn (string $phrase): string => strtr($phrase, ['{topic}' => $order->topic]),
            $chance->shuffleArray(Phrases::of($order->tone)),
        );
        $fillers = self::filling($phrases, max(0, $room));

        return new Sketch(mb_strtoupper(mb_substr($order->topic, 0, 1)).mb_substr($order->topic, 1), [
            $hook,
            ...$address,
            ...self::woven($points, $fillers),
            $close,
        ], self::otherHooks($order));
    }

    /** @return list<string> hooks of the next two shapes */
    private static function otherHooks(SketchOrder $order): array
    {
        $shapes = HookShape::cases();
        $at = (int) array_search($order->shape, $shapes, true);

        return array_map(static function (int $further) use ($shapes, $at, $order): string {
            $shape = $shapes[($at + $further) % count($shapes)];
            $count = count(HookPatterns::of($shape));

            return HookPatterns::write($shape, $order->topic, $order->seed % $count, intdiv($order->seed, $count));
        }, [1, 2]);
    }

    /**
     * Phrases that together have as nearly so many words as can be, found by taking each in turn where it fits and
     * mending the rest with the one that fits best.
     *
     * @param  list<string>  $phrases
     * @return list<string>
     */
    private static function filling(array $phrases, int $room): array
    {
        $taken = [];
        foreach ($phrases as $i => $phrase) {
            $words = Sketch::wordsOf($phrase);
            if ($words <= $room) {
                $taken[] = $phrase;
                $room -= $words;
                unset($phrases[$i]);
            }
        }
        // One more may end nearer to the length than none.
        foreach ($phrases as $phrase) {
            if (abs($room - Sketch::wordsOf($phrase)) < $room) {
                $taken[] = $phrase;

                break;
            }
        }

        return $taken;
    }

    /**
     * Points in their order, what fills the time spread evenly around them.
     *
     * @param  list<string>  $points
     * @param  list<string>  $fillers
     * @return list<string>
     */
    private static function woven(array $points, array $fillers): array
    {
        $woven = [];
        $placed = 0;
        foreach ($points as $i => $point) {
            $until = (int) round(($i + 0.5) * count($fillers) / count($points));
            array_push($woven, ...array_slice($fillers, $placed, $until - $placed));
            $placed = $until;
            $woven[] = $point;
        }

        return [...$woven, ...array_slice($fillers, $placed)];
    }

    private static function sentence(string $point): string
    {
        return mb_strtoupper(mb_substr($point, 0, 1)).
            mb_substr($point, 1).
            (preg_match('/[.!?…]["”’)]*$/u', $point) === 1 ? '' : '.');
    }
}
