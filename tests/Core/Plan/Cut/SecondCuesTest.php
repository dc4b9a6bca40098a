<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Cut;

use PHPUnit\Framework\TestCase;
use RapidReel\Base\Values;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Making\Render\Quality;
use RapidReel\Making\Render\SegmentPlanner;
use RapidReel\Plan\Choice\SceneSettings;
use RapidReel\Plan\Choice\SecondCaptions;
use RapidReel\Plan\Cut\CaptionFile;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutJson;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Plan\Settings\Level;
use RapidReel\Plan\Settings\OfferedVoices;
use RapidReel\Plan\Settings\Registry;
use RapidReel\Plan\Settings\SettingsReader;
use RapidReel\Plan\Settings\SettingValues;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Text\Translation\Version\Beside;
use RapidReel\Text\Translation\Version\Pair;
use RapidReel\Text\Translation\Version\VersionLine;
use RapidReel\Text\Translation\Version\VersionText;
use Tests\Support\Cuts;

/** Captions in two languages at once. */
final class SecondCuesTest extends TestCase
{
    private const SAID = ['One lamp burned all night. Nobody came.', 'The keeper rowed out alone, and he came back.'];

    private const BESIDE = [
        [['One lamp burned all night.', 'Nobody came.'], ['Die ganze Nacht brannte eine Lampe.', 'Niemand kam.']],
        [['The keeper rowed out alone, and he came back.'], ['Der Wärter ruderte allein hinaus und kam zurück.']],
    ];

    private static function registry(): Registry
    {
        return Registry::of(new OfferedVoices(['aldous' => 'Aldous'], 'aldous'));
    }

    private static function second(CaptionStyle $style = new CaptionStyle, bool $isAbove = false): SecondCaptions
    {
        return new SecondCaptions('de', $style, $isAbove);
    }

    private static function cut(SecondCaptions $second, CaptionStyle $first = new CaptionStyle, int $missing = -1): Cut
    {
        $voiced = [];
        foreach (self::SAID as $i => $text) {
            $pairs = array_map(
                static fn (string $one, string $other): Pair => new Pair($one, $other), ...self::BESIDE[$i],
            );
            $said = $i === $missing ? $second : $second->saying($pairs, implode(' ', self::BESIDE[$i][1]));
            $voiced[] = new VoicedScene(
                new Scene($i === 0 ? SceneRole::Hook : SceneRole::Beat, $text), Cuts::take($text),
                settings: new SceneSettings(captions: $first, second: $said),
            );
        }

        return Cuts::builder()->build('The lamp', $voiced, Cuts::library(), null);
    }

    /** @param  list<Cue>  $cues */
    private static function said(array $cues): string
    {
        return implode(' ', array_map(static fn (Cue $cue): string => $cue->text(), $cues));
    }

    /**
     * @param  list<Cue>  $cues
     * @return array{float, float} highest and lowest edge of their letters
     */
    private static function span(array $cues): array
    {
        $boxes = array_map(static fn (Cue $cue): array => $cue->setting->box, $cues);

        return [min(array_column($boxes, 1)), max(array_column($boxes, 3))];
    }

    public function test_a_sentence_stands_there_while_it_is_said(): void
    {
        $cut = self::cut(self::second());

        self::assertSame(implode(' ', self::SAID), self::said($cut->cues));
        self::assertSame(
            'Die ganze Nacht brannte eine Lampe. Niemand kam. Der Wärter ruderte allein hinaus und kam zurück.',
            self::said($cut->over->second),
        );
        $nobody = array_values(array_filter(
            $cut->over->second, static fn (Cue $cue): bool => str_contains($cue->text(), 'Niemand'),
        ))[0];
        // Its first word is the sixth of the scene.
        self::assertSame(5 * 320, $nobody->startMs);
        foreach ($cut->over->second as $cue) {
            self::assertLessThanOrEqual($cut->scenes[$cue->from->scene]->endMs, $cue->endMs);
            self::assertGreaterThanOrEqual($cut->scenes[$cue->from->scene]->startMs, $cue->startMs);
        }
    }

    public function test_neither_stands_on_the_other_nor_outside_the_safe_area(): void
    {
        foreach ([20, 50, 62, 70, 90] as $height) {
            foreach ([false, true] as $isAbove) {
                $style = CaptionStyle::of(height: $height);
                $cut = self::cut(self::second(CaptionStyle::of(size: 44, lines: 2), $isAbove), $style);
                [$top, $bottom] = self::span($cut->cues);
                [$upper, $lower] = self::span($cut->over->second);
                $says = "at $height, ".($isAbove ? 'above' : 'below');
                self::assertTrue($isAbove ? $lower < $top : $upper > $bottom, $says);
                self::assertLessThan(120, $isAbove ? $top - $lower : $upper - $bottom, $says);
                $safe = $cut->form->frame->safe;
                self::assertGreaterThanOrEqual($safe->top * 1920 - 0.1, min($top, $upper), $says);
                self::assertLessThanOrEqual((1 - $safe->bottom) * 1920 + 0.1, max($bottom, $lower), $says);
            }
        }
    }

    public function test_the_first_stay_where_they_are_while_there_is_room(): void
    {
        $alone = Cuts::of(self::SAID);
        $cut = self::cut(self::second(CaptionStyle::of(size: 44)));

        self::assertEquals(self::span($alone->cues), self::span($cut->cues));
    }

    public function test_they_are_in_the_picture_in_the_plan_and_in_the_file_as_it_is_burned(): void
    {
        $cut = self::cut(self::second());
        $recipes = (new SegmentPlanner)->plan($cut, Quality::Final);
        $drawn = implode('', array_map(static fn ($segment): string => $segment->recipe->captions->ass, $recipes));

        self::assertStringContainsString('NIEMAND', $drawn);
        self::assertStringContainsString('NOBODY', $drawn);
        self::assertEquals($cut, CutJson::decode(CutJson::encode($cut)));
        self::assertStringContainsString('NIEMAND', CaptionFile::Ass->write($cut));
        self::assertStringNotContainsString('Niemand', CaptionFile::SubRip->write($cut));
    }

    public function test_what_is_missing_is_told(): void
    {
        $told = static fn (Cut $cut): array => array_values(array_map(
            static fn (Flag $flag): string => $flag->message,
            array_filter($cut->found->flags, static fn (Flag $flag): bool => $flag->code === FlagCode::NotAsSet),
        ));

        self::assertSame([], $told(self::cut(self::second())));
        $one = self::cut(self::second(), missing: 1);
        self::assertStringNotContainsString('Wärter', self::said($one->over->second));
        self::assertSame(
            ['Second captions in German are missing in one scene: no version in German says it.'], $told($one),
        );
    }

    public function test_nothing_of_them_is_marked_as_said_whatever_their_style_does(): void
    {
        $values = SettingValues::defaults(self::registry())->and(Level::Channel, new Values([
            'second_captions' => 'de', 'second_style' => 'popping', 'second_place' => 'above', 'second_size' => 50,
        ]));
        $second = SettingsReader::scene($values, new Scene(SceneRole::Beat, 'It burned.'))->second;

        self::assertNotNull($second);
        self::assertTrue($second->isAbove);
        self::assertSame(50, $second->style->type->size);
        self::assertSame($second->style->paint->fill, $second->style->stress->spokenColour);
        self::assertSame(100, $second->style->stress->spokenScale);
        self::assertSame('whole', $second->style->motion->appear);
        $without = $values->and(Level::Short, new Values(['captions_shown' => 'off']));
        self::assertNull(SettingsReader::scene($without, new Scene(SceneRole::Beat, 'It burned.'))->second);
    }

    public function test_languages_are_named_as_people_name_them(): void
    {
        $type = self::registry()->get('second_captions')->type;

        self::assertSame('de', $type->read('German'));
        self::assertSame('pt', $type->read('pt-BR'));
        self::assertSame('none', $type->read('none'));
        $this->expectExceptionMessage('There is no language “Elvish”.');
        $type->read('Elvish');
    }

    public function test_a_version_finds_its_source_and_two_versions_find_each_other(): void
    {
        $german = new VersionText([new VersionLine(11, 1, [new Pair('One lamp.', 'Eine Lampe.')])]);
        $spanish = new VersionText([new VersionLine(21, 1, [new Pair('One lamp.', 'Una lámpara.')])]);
        $later = new VersionText([new VersionLine(21, 1, [new Pair('A lamp. Lit.', 'Una. Lámpara.')])]);
        $beside = static fn (?Beside $one): array => $one === null ? [] : [
            $one->scene, ...array_map(static fn (Pair $pair): string => "$pair->source|$pair->target", $one->pairs),
        ];

        self::assertSame([1, 'Eine Lampe.|One lamp.'], $beside(Beside::ofScene(11, $german, null)));
        self::assertSame([11, 'One lamp.|Eine Lampe.'], $beside(Beside::ofScene(1, null, $german)));
        self::assertSame([21, 'Eine Lampe.|Una lámpara.'], $beside(Beside::ofScene(11, $german, $spanish)));
        self::assertSame([21, 'Eine Lampe.|Una. Lámpara.'], $beside(Beside::ofScene(11, $german, $later)));
        self::assertNull(Beside::ofScene(12, $german, null));
        self::assertNull(Beside::ofScene(2, null, $german));
    }
}
