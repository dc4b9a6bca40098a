<?php

declare(strict_types=1);

namespace Tests\Support;

use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Frame;
use RapidReel\Base\Target\Targets;
use RapidReel\Base\Typeface\PlainMetrics;
use RapidReel\Base\Typeface\TypefaceSet;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cueing\CueMaker;
use RapidReel\Captions\Cueing\EmojiBook;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\FootageWords;
use RapidReel\Plan\Choice\ShortSettings;
use RapidReel\Plan\Choice\TargetChoice;
use RapidReel\Plan\Cut\AtHand;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutBuilder;
use RapidReel\Plan\Cut\Lettering;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\WordTiming;

/** Small cuts to test with, made by the real builder. */
final class Cuts
{
    /** Every letter half an em wide, lines one em high. */
    public static function faces(): TypefaceSet
    {
        return new TypefaceSet(['condensed' => new PlainMetrics('Test')]);
    }

    /**
     * The captions of some words, said one after the other.
     *
     * @param  string|list<WordTiming>  $said
     * @return list<Cue>
     */
    public static function cues(
        string|array $said,
        CaptionStyle $style = new CaptionStyle,
        CaptionMarks $marks = new CaptionMarks,
        ?int $endMs = null,
        string $language = 'en',
        EmojiBook $emoji = new EmojiBook([]),
        FrameShape $shape = FrameShape::Upright,
    ): array {
        $words = is_string($said) ? self::take($said)->words : $said;
        $endMs ??= $words[count($words) - 1]->endMs;
        $maker = new CueMaker(
            self::faces(),
            new Frame($shape),
            $language,
            array_column($words, 'text'),
            $emoji,
        );

        return $maker->cues(0, $words, [[0, $endMs]], $endMs, $marks, $style);
    }

    public static function footage(
        string $id,
        FootageKind $kind = FootageKind::Clip,
        string $tags = '',
        int $durationMs = 6_000,
    ): Footage {
        return new Footage(
            $id,
            $kind,
            "print-$id",
            1920,
            1080,
            $kind === FootageKind::Still ? 0 : $durationMs,
            new FootageWords($tags === '' ? [] : explode(' ', $tags)),
        );
    }

    /** @return list<Footage> */
    public static function library(int $count = 12): array
    {
        return array_map(
            static fn (int $i): Footage => self::footage("f$i", $i % 3 === 0 ? FootageKind::Still : FootageKind::Clip),
            range(1, $count),
        );
    }

    /** A take that says every word in the same time, without pauses. */
    public static function take(string $text, int $wordMs = 320): Take
    {
        $words = [];
        foreach (explode(' ', $text) as $i => $word) {
            $words[] = new WordTiming($word, $i * $wordMs, ($i + 1) * $wordMs);
        }

        return new Take('take-'.md5($text.$wordMs), count($words) * $wordMs, $words);
    }

    public static function builder(
        AtHand $hand = new AtHand,
        ShortSettings $settings = new ShortSettings,
    ): CutBuilder {
        return new CutBuilder($settings, new Lettering(self::faces()), hand: $hand);
    }

    /**
     * @param  list<string>  $texts
     * @param  list<Footage>|null  $library
     */
    public static function of(
        array $texts,
        ?array $library = null,
        string $target = Targets::USUAL,
        int $wordMs = 320,
    ): Cut {
        $voiced = array_map(
            static fn (string $text, int $i): VoicedScene => new VoicedScene(
                new Scene($i === 0 ? SceneRole::Hook : SceneRole::Beat, $text),
                self::take($text, $wordMs),
            ),
            $texts,
            array_keys($texts),
        );

        return self::builder(settings: new ShortSettings(new TargetChoice((new Targets)->get($target))))->build(
            'A test',
            $voiced === [] ? throw new \LogicException() : $voiced,
            $library ?? self::library(),
            null,
        );
    }
}
