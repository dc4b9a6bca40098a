<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Cut;

use PHPUnit\Framework\TestCase;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\WordMark;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\SceneSounds;
use RapidReel\Plan\Choice\ShotSettings;
use RapidReel\Plan\Choice\Transition;
use RapidReel\Plan\Choice\TransitionKind;
use RapidReel\Plan\Cut\AtHand;
use RapidReel\Plan\Cut\ChosenShot;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutEffect;
use RapidReel\Plan\Cut\SoundEffect;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneOwn;
use RapidReel\Text\Script\SceneRole;
use Tests\Support\Cuts;

/** Effects that an operator placed, and those that come by rule. */
final class EffectPlacerTest extends TestCase
{
    /**
     * @param  list<WordMark>  $marks  of the second scene
     * @param  list<ChosenShot>  $chosen  of the second scene
     */
    private static function cut(array $marks, SceneSounds $sounds, array $chosen = []): Cut
    {
        $effects = [];
        foreach (['bell', 'whoosh', 'hit'] as $id) {
            $effects[$id] = new SoundEffect($id, ucfirst($id), "print-$id", -20.0, 500);
        }
        $voiced = [
            new VoicedScene(
                new Scene(SceneRole::Hook, 'One light burned.'), Cuts::take('One light burned.'),
                settings: new SceneSettings(shots: new ShotSettings(sounds: $sounds)),
            ),
            new VoicedScene(
                new Scene(SceneRole::Close, 'Nobody saw it go.', own: new SceneOwn(
                    captions: new CaptionMarks([], $marks),
                )),
                Cuts::take('Nobody saw it go.'),
                $chosen,
                new SceneSettings(shots: new ShotSettings(
                    transition: new Transition(TransitionKind::Dissolve, 200), sounds: $sounds,
                )),
            ),
        ];

        return Cuts::builder(new AtHand(effects: $effects))->build('The light', $voiced, Cuts::library(), null);
    }

    /** @return list<array{string, int, string}> sound, moment and why */
    private static function heard(Cut $cut): array
    {
        return array_map(
            static fn (CutEffect $effect): array => [$effect->sound, $effect->atMs, $effect->why],
            $cut->sound->effects,
        );
    }

    public function test_effects_are_heard_where_they_were_put_and_where_the_rule_has_them(): void
    {
        $cut = self::cut([new WordMark(1, sound: 'bell', soundMs: -40)], new SceneSounds(change: 'whoosh', under: 11));
        $scene = $cut->scenes[1]->startMs;

        self::assertSame(
            [['whoosh', $scene - 100, TransitionKind::Dissolve->label()], ['bell', $scene + 280, 'placed here']],
            self::heard($cut),
        );
        self::assertSame([11, 11], array_column($cut->sound->effects, 'under'));
    }

    public function test_one_at_a_picture_takes_the_place_of_that_of_its_transition(): void
    {
        $cut = self::cut([], new SceneSounds(change: 'whoosh'), [
            new ChosenShot(0, settings: new ShotSettings(effect: 'hit')),
        ]);

        self::assertSame([['hit', $cut->scenes[1]->startMs, 'at this picture']], self::heard($cut));
    }

    public function test_what_was_placed_gives_way_to_nothing_that_comes_by_rule(): void
    {
        // The whoosh of the transition begins half of 200 ms before the scene: this one 30 ms after that.
        $cut = self::cut([new WordMark(0, sound: 'whoosh', soundMs: -70)], new SceneSounds(change: 'whoosh'));
        self::assertSame([['whoosh', $cut->scenes[1]->startMs - 70, 'placed here']], self::heard($cut));

        $apart = self::cut([new WordMark(0, sound: 'whoosh', soundMs: 0)], new SceneSounds(change: 'whoosh'));
        self::assertCount(2, $apart->sound->effects, 'a tenth of a second is heard as two');
        $other = self::cut([new WordMark(0, sound: 'bell', soundMs: -70)], new SceneSounds(change: 'whoosh'));
        self::assertCount(2, $other->sound->effects, 'another sound is another one');
    }

    public function test_nothing_is_heard_of_what_is_not_there_or_after_the_end(): void
    {
        $none = self::cut([new WordMark(1, sound: 'gone')], new SceneSounds(change: 'gone'));
        self::assertSame([], $none->sound->effects);
        $late = self::cut([new WordMark(3, sound: 'bell', soundMs: 60_000)], new SceneSounds);
        self::assertSame([], $late->sound->effects);
        $early = self::cut([new WordMark(0, sound: 'bell', soundMs: -60_000)], new SceneSounds);
        self::assertSame(0, $early->sound->effects[0]->atMs);
    }
}
