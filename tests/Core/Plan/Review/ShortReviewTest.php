<?php

declare(strict_types=1);

namespace Tests\Core\Plan\Review;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RapidReel\Base\Refusal;
use RapidReel\Base\Target\Limits;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\TargetLength;
use RapidReel\Base\Target\TargetPicture;
use RapidReel\Base\Target\TargetTexts;
use RapidReel\Captions\Card\CardMotions;
use RapidReel\Pictures\Footage\Footage;
use RapidReel\Pictures\Footage\FootageKind;
use RapidReel\Pictures\Footage\FootageWords;
use RapidReel\Plan\Choice\ShortSettings;
use RapidReel\Plan\Choice\TargetChoice;
use RapidReel\Plan\Cut\CardOrigin;
use RapidReel\Plan\Cut\CardPlace;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutCard;
use RapidReel\Plan\Cut\CutMusic;
use RapidReel\Plan\Cut\CutOver;
use RapidReel\Plan\Cut\CutShot;
use RapidReel\Plan\Cut\CutSound;
use RapidReel\Plan\Cut\CutSummary;
use RapidReel\Plan\Cut\Flag;
use RapidReel\Plan\Cut\FlagCode;
use RapidReel\Plan\Cut\ShotReason;
use RapidReel\Plan\Cut\VoicedScene;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Finding\Severities;
use RapidReel\Plan\Finding\Severity;
use RapidReel\Plan\Review\Check\Finding;
use RapidReel\Plan\Review\Check\FindingPlace;
use RapidReel\Plan\Review\Check\MendDeed;
use RapidReel\Plan\Review\Check\Observed;
use RapidReel\Plan\Review\Check\Reviewed;
use RapidReel\Plan\Review\Check\ShortReview;
use RapidReel\Plan\Review\Check\Sureness;
use RapidReel\Plan\Review\Check\TextLimits;
use RapidReel\Text\Script\Scene;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Voice\Speech\Take;
use RapidReel\Voice\Speech\WordTiming;
use Tests\Support\Cuts;

/** Every kind of finding is found where it is, and not where it just is not. */
final class ShortReviewTest extends TestCase
{
    private const LINES = [
        'One lamp burned for nobody.', 'The keeper carried oil up the stairs.', 'A gull sat on the rail all day.',
    ];

    /** Pictures enough, each with words of its own. */
    private static function library(int $width = 1920, int $height = 1080): array
    {
        return array_map(static fn (string $word, int $i): Footage => new Footage(
            "f$i", $i % 2 === 0 ? FootageKind::Clip : FootageKind::Still, "print-$i", $width, $height,
            $i % 2 === 0 ? 6_000 : 0, new FootageWords([$word]),
        ), ['lamp', 'keeper', 'oil', 'stairs', 'gull', 'rail', 'day', 'nobody'], range(0, 7));
    }

    private static function reviewed(
        Cut $cut,
        Observed $seen = new Observed,
        array $tags = [],
        array $forbidden = [],
        ?array $targets = null,
        string $channel = 'Lamplight Log',
    ): Reviewed {
        return new Reviewed(
            $cut, CutSummary::of($cut, 'p', 's'), $targets ?? [$cut->form->target], $seen, $tags, $forbidden, $channel,
        );
    }

    private static function cut(array $lines = self::LINES, ?Target $target = null, int $wordMs = 320): Cut
    {
        return self::spoken(array_map(static fn (string $line): Take => Cuts::take($line, $wordMs), $lines), $lines,
            $target);
    }

    private static function spoken(array $takes, array $lines, ?Target $target = null, ?array $library = null): Cut
    {
        $voiced = array_map(static fn (string $line, int $i): VoicedScene => new VoicedScene(
            new Scene($i === 0 ? SceneRole::Hook : SceneRole::Beat, $line), $takes[$i],
        ), $lines, array_keys($lines));

        return Cuts::builder(settings: new ShortSettings(new TargetChoice($target ?? new Target)))->build(
            'The lamp for nobody', $voiced, $library ?? self::library(), null,
        );
    }

    private static function lasting(int $least, ?int $most, int $hook = 3_000): Target
    {
        return new Target(length: new TargetLength($least, $most, $hook));
    }

    /** @param  callable(CutShot, int): CutShot  $change  of each shot, with its number */
    private static function shots(Cut $cut, callable $change): Cut
    {
        $number = 0;

        return $cut->withScenes(array_map(static function ($scene) use ($change, &$number) {
            return $scene->withShots(static function (CutShot $shot) use ($change, &$number): CutShot {
                return $change($shot, $number++);
            });
        }, $cut->scenes));
    }

    private static function reason(CutShot $shot, ShotReason $reason): CutShot
    {
        return new CutShot(
            $shot->startMs, $shot->endMs, $shot->word, $shot->source, $shot->view, $shot->play, $shot->look, $reason,
        );
    }

    private static function card(Cut $cut, float $x, float $width): Cut
    {
        $picture = new \RapidReel\Captions\Card\CardPicture(str_repeat('a', 32), 600, 100);

        return $cut->under(new CutOver(cards: [new CutCard(
            500, 1_500, $picture, new CardPlace($x, 0.5, $width), new CardMotions, new CardOrigin('Read on', 0, 0),
        )]));
    }

    private static function showing(string $first, string $second): Cut
    {
        $same = static fn (string $id): Footage => array_column(self::library(), null, 'id')[$id];
        $voiced = [
            new VoicedScene(new Scene(SceneRole::Hook, self::LINES[0]), Cuts::take(self::LINES[0])),
            new VoicedScene(new Scene(SceneRole::Beat, self::LINES[1]), Cuts::take(self::LINES[1])),
        ];
        $cut = Cuts::builder()->build('T', $voiced, self::library(), null);

        return self::shots($cut, static fn (CutShot $shot, int $i): CutShot => new CutShot(
            $shot->startMs, $shot->endMs, $shot->word,
            new \RapidReel\Plan\Cut\CutSource(
                [$first, $second][$i] ?? "other-$i", $shot->source->kind, $same($first)->fingerprint, 1920, 1080,
            ),
            $shot->view, $shot->play, $shot->look, $shot->reason,
        ));
    }

    /** @return iterable<string, array{FindingKind, callable(): Reviewed, callable(): Reviewed}> */
    public static function kinds(): iterable
    {
        $of = static fn (callable $cut, mixed ...$with): callable => static fn (): Reviewed => self::reviewed(
            $cut(), ...$with,
        );
        $plain = static fn (): Cut => self::cut();
        $whole = static fn (): int => self::cut()->wholeMs();
        $seeing = static fn (Observed $seen): callable => $of($plain, seen: $seen);
        yield 'too long' => [
            FindingKind::TooLong,
            $of(static fn (): Cut => self::cut(target: self::lasting(0, $whole() - 1))),
            $of(static fn (): Cut => self::cut(target: self::lasting(0, $whole()))),
        ];
        yield 'too short' => [
            FindingKind::TooShort,
            $of(static fn (): Cut => self::cut(target: self::lasting($whole() + 1, null))),
            $of(static fn (): Cut => self::cut(target: self::lasting($whole(), null))),
        ];
        $hook = static fn (): int => self::cut()->found->hookMs;
        yield 'late hook' => [
            FindingKind::HookLate,
            $of(static fn (): Cut => self::cut(target: self::lasting(0, null, $hook() - 1))),
            $of(static fn (): Cut => self::cut(target: self::lasting(0, null, $hook()))),
        ];
        yield 'greeting' => [
            FindingKind::Greeting,
            $of(static fn (): Cut => self::cut(['Welcome back to Lamplight Log! One lamp burned.', self::LINES[1]])),
            $of(static fn (): Cut => self::cut(['A welcome lamp burned for nobody.', self::LINES[1]])),
        ];
        $faint = static fn (array $faint): Observed => new Observed(faint: $faint);
        yield 'faint caption' => [
            FindingKind::FaintCaption,
            $seeing($faint([['scene' => 1, 'word' => 0, 'ms' => 1_700, 'ratio' => 2.1, 'mend' => 'outline']])),
            $seeing($faint([])),
        ];
        // Nine letters with the blank: 23.7 a second, what most still read, are reached at 379 ms a word.
        $seven = ['stations stations stations stations stations stations.', self::LINES[1]];
        yield 'too many letters' => [
            FindingKind::HastyCaption,
            $of(static fn (): Cut => self::cut($seven, wordMs: 330)),
            $of(static fn (): Cut => self::cut($seven, wordMs: 420)),
        ];
        $small = ['It is as he is to be at sea on it.', self::LINES[1]];
        yield 'too many words' => [
            FindingKind::HastyCaption,
            $of(static fn (): Cut => self::cut($small, wordMs: 175)),
            $of(static fn (): Cut => self::cut($small, wordMs: 230)),
        ];
        yield 'card outside' => [
            FindingKind::OutsideSafe,
            $of(static fn (): Cut => self::card(self::cut(), 0.85, 0.3)),
            $of(static fn (): Cut => self::card(self::cut(), 0.5, 0.3)),
        ];
        $subject = static fn (float $held, float $clear): callable => static function () use ($held, $clear): Reviewed {
            return self::reviewed(self::cut(), new Observed(subjects: [0 => ['held' => $held, 'clear' => $clear]]));
        };
        yield 'subject out' => [FindingKind::SubjectOut, $subject(0.35, 1.0), $subject(0.45, 1.0)];
        yield 'under the outlet' => [FindingKind::UnderOutlet, $subject(0.9, 0.3), $subject(0.9, 0.5)];
        yield 'repeated' => [
            FindingKind::PictureRepeated,
            $of(static fn (): Cut => self::showing('f1', 'f1')), $of(static fn (): Cut => self::showing('f1', 'f2')),
        ];
        $fits = static fn (string $why, bool $good, bool $odd = false): callable => static fn (): Cut => self::shots(
            self::cut(),
            static fn (CutShot $shot, int $i): CutShot => self::reason(
                $shot, $i === 1 ? new ShotReason($why, $good, $odd) : new ShotReason('“lamp”'),
            ),
        );
        yield 'weak match' => [
            FindingKind::WeakMatch, $of($fits('near “coast”', false)), $of($fits('near “coast”', true)),
        ];
        yield 'no picture' => [FindingKind::NoPicture, $of($fits('', false)), $of($fits('near “coast”', false))];
        yield 'odd look' => [FindingKind::OddLook, $of($fits('“oil”', true, true)), $of($fits('“oil”', true))];
        $pause = static fn (int $ms): callable => static function () use ($ms): Cut {
            $take = Cuts::take(self::LINES[1], 900);
            $words = array_map(static fn (WordTiming $word, int $i): WordTiming => $word->shifted($i < 4 ? 0 : $ms),
                $take->words, array_keys($take->words));

            return self::spoken([Cuts::take(self::LINES[0]), new Take('t1', $take->durationMs + $ms, $words)],
                array_slice(self::LINES, 0, 2));
        };
        yield 'dead air' => [FindingKind::DeadAir, $of($pause(650)), $of($pause(580))];
        // A caption stands from 0 to its end; what is said marks its words.
        $still = static fn (int $ms): Observed => new Observed(still: [[self::end(), self::end() + $ms]]);
        yield 'nothing changes' => [
            FindingKind::Unchanged,
            $of($plain, seen: $still(1_000)), $of($plain, seen: $still(960)),
        ];
        $music = static fn (float $clear): callable => static fn (): Reviewed => self::reviewed(
            self::cut()->sounding(new CutSound(new CutMusic('7', 'm', -16.0))),
            new Observed(sound: ['clear' => $clear, 'loudness' => -14.0, 'peak' => -1.2]),
        );
        yield 'music' => [FindingKind::MusicLoud, $music(10.5), $music(11.5)];
        $mix = static fn (float $loudness, float $peak): callable => $seeing(
            new Observed(sound: ['clear' => null, 'loudness' => $loudness, 'peak' => $peak]),
        );
        yield 'too quiet' => [FindingKind::Loudness, $mix(-15.8, -1.0), $mix(-15.3, -1.0)];
        yield 'peaks' => [FindingKind::Loudness, $mix(-14.0, -0.1), $mix(-14.0, -0.3)];
        yield 'no face' => [
            FindingKind::NoFace,
            static fn (): Reviewed => self::flagged(new Flag(FlagCode::NoFace, 'No face has all characters of “gull”')),
            static fn (): Reviewed => self::flagged(new Flag(FlagCode::CaptionTight, 'Captions smaller: “gull”')),
        ];
        yield 'forbidden' => [
            FindingKind::ForbiddenWord, $of($plain, forbidden: ['carried OIL']),
            $of($plain, forbidden: ['carry oil', 'il', 'oils']),
        ];
        yield 'forbidden in a tag' => [
            FindingKind::ForbiddenWord, $of($plain, tags: ['Quick money'], forbidden: ['money']),
            $of($plain, tags: ['moneyed'], forbidden: ['money']),
        ];
        yield 'told before' => [
            FindingKind::ToldBefore,
            $seeing(new Observed(alike: [new Flag(FlagCode::SameScript, 'Told before in 03.')])), $of($plain),
        ];
        $texts = static fn (int $title, int $tags = 15, int $tag = 30): array => [
            new Target(texts: new TargetTexts($title, 2_000, $tags, $tag)),
        ];
        yield 'title' => [
            FindingKind::TextsLong, $of($plain, targets: $texts(18)), $of($plain, targets: $texts(19)),
        ];
        yield 'tags' => [
            FindingKind::TextsLong, $of($plain, tags: ['a', 'b', 'c'], targets: $texts(99, 2)),
            $of($plain, tags: ['a', 'b', 'c'], targets: $texts(99, 3)),
        ];
        yield 'a tag' => [
            FindingKind::TextsLong, $of($plain, tags: ['lanterns'], targets: $texts(99, 9, 7)),
            $of($plain, tags: ['lanterns'], targets: $texts(99, 9, 8)),
        ];
        yield 'alignment' => [
            FindingKind::Alignment,
            $seeing(new Observed(doubts: [['scene' => 1, 'word' => 2, 'text' => 'carried']])), $of($plain),
        ];
        yield 'stand-in' => [
            FindingKind::StandIn,
            $seeing(new Observed(standIns: array_map(static fn (int $i): string => "f$i", range(0, 7)))),
            $seeing(new Observed(standIns: ['f99'])),
        ];
        // 1920 rows of a frame out of 711 are 2.7 times as many.
        yield 'soft' => [
            FindingKind::SoftPicture,
            $of(static fn (): Cut => self::spoken(array_map(Cuts::take(...), self::LINES), self::LINES,
                library: self::library(1240, 698))),
            $of(static fn (): Cut => self::spoken(array_map(Cuts::take(...), self::LINES), self::LINES,
                library: self::library(1920, 1080))),
        ];
    }

    private static function end(): int
    {
        $cues = self::cut()->cues;

        return $cues[count($cues) - 1]->endMs;
    }

    private static function flagged(Flag $flag): Reviewed
    {
        $cut = self::cut();

        return new Reviewed($cut, CutSummary::of($cut, 'p', 's')->flagged([$flag]), [new Target]);
    }

    /** @return list<Finding> */
    private static function found(Reviewed $short, FindingKind $kind): array
    {
        return array_values(array_filter(
            ShortReview::of($short), static fn (Finding $one): bool => $one->kind === $kind,
        ));
    }

    /**
     * @param  callable(): Reviewed  $has
     * @param  callable(): Reviewed  $justNot
     */
    #[DataProvider('kinds')]
    public function test_a_kind_is_found_where_it_is_and_not_where_it_just_is_not(
        FindingKind $kind,
        callable $has,
        callable $justNot,
    ): void {
        $found = self::found($has(), $kind);

        self::assertNotSame([], $found, 'not found');
        self::assertNotSame('', $found[0]->message);
        self::assertSame([], array_column(self::found($justNot(), $kind), 'message'));
    }

    public function test_every_kind_has_a_short_that_has_it(): void
    {
        $tried = array_unique(array_map(
            static fn (array $one): string => $one[0]->value, iterator_to_array(self::kinds(), false),
        ));

        self::assertEqualsCanonicalizing(array_column(FindingKind::before(), 'value'), $tried);
    }

    public function test_a_finding_has_its_place_its_words_and_how_sure_it_is(): void
    {
        $found = self::found(self::reviewed(self::cut(), forbidden: ['oil']), FindingKind::ForbiddenWord)[0];
        $word = array_values(array_filter(
            self::cut()->words, static fn ($one): bool => $one->timing->text === 'oil',
        ))[0];

        self::assertSame($word->timing->startMs, $found->place->startMs);
        self::assertSame([1, 3], [$found->place->scene, $found->place->word]);
        self::assertSame(self::LINES[1], $found->words);
        self::assertSame(Sureness::Measured, $found->sure);
        self::assertEquals($found, Finding::fromArray($found->toArray()));
    }

    public function test_what_is_ignored_stays_with_its_words_wherever_they_stand_and_however_they_are_written(): void
    {
        $of = static fn (string $words, int $ms): Finding => new Finding(
            FindingKind::DeadAir, "A pause at $ms.", Sureness::Measured, new FindingPlace($ms, $ms, 1), $words,
        );

        self::assertSame($of('The keeper, carried oil.', 100)->key(), $of('the KEEPER carried oil', 9_000)->key());
        self::assertNotSame($of('The keeper carried oil.', 100)->key(), $of('The keeper carried on.', 100)->key());
        $said = self::found(
            self::reviewed(self::cut(['Oil is oil and oil.', self::LINES[1]]), forbidden: ['oil']),
            FindingKind::ForbiddenWord,
        );
        self::assertCount(4, $said);
        self::assertCount(4, array_unique(array_map(static fn (Finding $one): string => $one->key(), $said)));
    }

    public function test_mends_say_what_they_do(): void
    {
        $greeting = self::found(
            self::reviewed(self::cut(['Welcome back to Lamplight Log! One lamp burned.', self::LINES[1]])),
            FindingKind::Greeting,
        )[0]->mend;
        $late = self::found(
            self::reviewed(self::cut(target: self::lasting(0, null, self::cut()->found->hookMs - 40))),
            FindingKind::HookLate,
        )[0]->mend;
        $far = self::found(
            self::reviewed(self::cut(target: self::lasting(0, null, 700))), FindingKind::HookLate,
        )[0]->mend;

        self::assertSame([MendDeed::Begin, 'One lamp burned.'], [$greeting?->deed, $greeting?->value]);
        self::assertSame([MendDeed::Tempo, 103], [$late?->deed, $late?->value]);
        self::assertNull($far, 'no voice can be made so fast');
    }

    public function test_a_card_is_brought_inside_where_it_fits(): void
    {
        $cut = self::card(self::cut(), 0.97, 0.95);
        $mend = self::found(self::reviewed($cut), FindingKind::OutsideSafe)[0]->mend;
        [$x, $y, $part] = array_map(intval(...), explode(' ', (string) $mend?->value));
        $inside = self::card(self::cut(), $x / 1000, 0.95 * $part / 1000);

        self::assertSame([], self::found(self::reviewed($inside), FindingKind::OutsideSafe));
        self::assertSame(500, $y);
    }

    public function test_a_title_is_cut_after_a_word_with_nothing_hanging(): void
    {
        self::assertSame('The bell under the', TextLimits::title('The bell under the bay', 20));
        self::assertSame('The bell', TextLimits::title('The bell — and the bay', 11));
        self::assertSame('Schifffahr', TextLimits::title('Schifffahrtszeichen', 10));
        self::assertSame('The bell', TextLimits::title('The bell', 8));
    }

    public function test_severities_are_as_set_else_as_usual(): void
    {
        $set = Severities::read('hook-late stops; too-long = ignored, weak-match warns');

        self::assertSame(Severity::Stops, $set->of(FindingKind::HookLate));
        self::assertSame(Severity::Ignored, $set->of(FindingKind::TooLong));
        self::assertSame(Severity::Warns, $set->of(FindingKind::WeakMatch));
        self::assertSame('hook-late stops, too-long ignored', (string) $set, 'what is as usual is not kept');
        self::assertEquals($set, Severities::read((string) $set));
        $this->expectExceptionMessage('No kind of finding is called “hooklate”');
        Severities::read('hooklate stops');
    }

    public function test_a_severity_that_is_none_is_told(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('“maybe” is none of these');
        Severities::read('hook-late maybe');
    }

    public function test_the_tightest_of_several_targets_counts_and_is_named(): void
    {
        $long = new Target('a', 'Quay', texts: new TargetTexts(12));
        $found = self::found(self::reviewed(self::cut(), targets: [new Target, $long]), FindingKind::TextsLong)[0];

        self::assertStringContainsString('of “Quay” takes 12', $found->message);
        self::assertSame('The lamp for', $found->mend?->value);
        $large = new Target(picture: new TargetPicture(side: 2160));
        self::assertSame([], self::found(self::reviewed(self::cut()), FindingKind::SoftPicture));
        self::assertNotSame(
            [], self::found(self::reviewed(self::cut(), targets: [new Target, $large]), FindingKind::SoftPicture),
        );
        self::assertSame(0, (new Limits)->over(1));
    }
}
