<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use JsonException;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Limits;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\Targets;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cue\CueSource;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Cue\Setting;
use RapidReel\Captions\Style\CaptionStyle;
use RapidReel\Plan\Choice\ProgressLine;
use RapidReel\Plan\Choice\Transition;
use RapidReel\Text\Script\SceneRole;
use RapidReel\Voice\Speech\WordTiming;
use UnexpectedValueException;

/**
 * A cut as JSON and back, whole: the report's keys, and under "making" what only the makers need.
 *
 * @phpstan-import-type ShotData from CutShot
 */
final class CutJson
{
    /** @throws JsonException */
    public static function encode(Cut $cut): string
    {
        $shape = $cut->form->frame->shape;

        return json_encode([
            ...$cut->report(),
            'making' => [
                'title' => $cut->title,
                'target' => $cut->form->target->toArray(),
                'limits' => $cut->form->limits->toArray(),
                'takes' => array_map(static fn (CutScene $scene): string => $scene->take, $cut->scenes),
                ...self::captions($cut),
                'music' => $cut->sound->music?->toArray(),
                ...($shape === FrameShape::Upright ? [] : ['shape' => $shape->value]),
                ...($cut->sound->effects === [] ? [] : ['effects' => array_map(
                    static fn (CutEffect $effect): array => get_object_vars($effect),
                    $cut->sound->effects,
                )]),
                ...($cut->over->cards === [] ? [] : ['cards' => array_map(
                    static fn (CutCard $card): array => $card->toArray(),
                    $cut->over->cards,
                )]),
                ...($cut->over->logo === null ? [] : ['logo' => $cut->over->logo->toArray()]),
                ...($cut->over->progress === null ? [] : ['progress' => $cut->over->progress->toArray()]),
                ...($cut->over->introOutro->ms() === 0 ? [] : ['around' => $cut->over->introOutro->toArray()]),
                ...($cut->form->loop === null ? [] : ['loop' => $cut->form->loop->toArray()]),
            ],
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * Reads what this version or an earlier one wrote.
     *
     * @throws JsonException
     * @throws UnexpectedValueException when a later version wrote it, or none
     */
    public static function decode(string $json): Cut
    {
        $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        $data = is_array($data) ? CutUpgrade::toNow($data) : null;
        if ($data === null) {
            throw new UnexpectedValueException('This cut was written by another version.');
        }

        // What was encoded above has this shape; the constructors refuse what does not fit.
        /**
         * @var array{
         *     duration_ms: int, hook_ms: int,
         *     scenes: non-empty-list<array{
         *         role: string, text: string, start_ms: int, end_ms: int,
         *         shots: list<ShotData>
         *     }>,
         *     words: list<array{text: string, start_ms: int, end_ms: int, scene: int}>,
         *     flags: list<array{code: string, message: string}>,
         *     making: array{
         *         title: string, target?: array<string, mixed>, limits?: array<string, mixed>, profile?: string,
         *         takes: list<string>,
         *         cues: list<array{
         *             start_ms: int, end_ms: int, scene: int, word: int, count: int, locked: bool, style: int,
         *             words: non-empty-list<array{
         *                 text: string, start_ms: int, end_ms: int, word: int|null, stands: bool, emoji: string
         *             }>,
         *             setting: array{
         *                 lines: non-empty-list<int>, scale: float,
         *                 pieces: list<array{
         *                     int, int, string, string, string, float, float, float, float, float, bool
         *                 }>,
         *                 box: array{float, float, float, float}, tight: bool, shape?: string,
         *                 leftwards?: true
         *             }, second?: true
         *         }>,
         *         styles: list<array<string, int|string>>,
         *         music: array{
         *             id: string, fingerprint: string, loudness: float, under: int, durationMs?: int, bars?: list<int>,
         *             lift?: int, attackMs?: int, releaseMs?: int, line?: list<array{int, int}>
         *         }|null, shape?: string,
         *         effects?: list<array{
         *             sound: string, fingerprint: string, loudest: float, atMs: int, under: int, why: string
         *         }>,
         *         loop?: array{kind: string, ms: int},
         *         around?: array{
         *             opening?: array{fingerprint: string, kind: string, width: int, height: int, ms: int},
         *             ending?: array{fingerprint: string, kind: string, width: int, height: int, ms: int}
         *         },
         *         progress?: array{top: bool, colour: string},
         *         cards?: list<array{
         *             start_ms: int, end_ms: int, key: string, width: int, height: int, x: float, y: float,
         *             part: float, enter: string, leave: string, says: string, scene: int|null, number: int
         *         }>,
         *         logo?: array{
         *             picture: string, width: int, height: int, place: string, size: int, opacity: int, end: bool
         *         }
         *     }
         * } $data
         */
        $making = $data['making'];
        // Earlier versions wrote the name of one of those that ship.
        $target = isset($making['target'])
            ? Target::fromArray($making['target'])
            : (new Targets)->get($making['profile'] ?? Targets::USUAL);
        $introOutro = new IntroOutro(
            CutEdge::fromArray($making['around']['opening'] ?? null),
            CutEdge::fromArray($making['around']['ending'] ?? null),
        );
        // What callers are promised counts from the begin of the opening; a cut does not.
        $later = $introOutro->openingMs();
        $styles = array_map(static fn (array $own): CaptionStyle => (new CaptionStyle)->with($own), $making['styles']);
        $scenes = [];
        foreach ($data['scenes'] as $i => $scene) {
            $scenes[] = new CutScene(
                SceneRole::from($scene['role']),
                $scene['text'],
                $scene['start_ms'] - $later,
                $scene['end_ms'] - $later,
                $making['takes'][$i],
                array_map(static fn (array $shot): CutShot => CutShot::fromArray([
                    ...$shot, 'start_ms' => $shot['start_ms'] - $later, 'end_ms' => $shot['end_ms'] - $later,
                ]), $scene['shots']),
            );
        }

        $cues = $second = [];
        foreach ($making['cues'] as $row) {
            $cue = new Cue(
                $row['start_ms'],
                $row['end_ms'],
                array_map(CueWord::fromArray(...), $row['words']),
                Setting::fromArray($row['setting']),
                $styles[$row['style']],
                new CueSource($row['scene'], $row['word'], $row['count'], $row['locked']),
            );
            if (isset($row['second'])) {
                $second[] = $cue;
            } else {
                $cues[] = $cue;
            }
        }

        return new Cut(
            $making['title'],
            new CutForm(
                $target,
                isset($making['limits']) ? Limits::fromArray($making['limits']) : Limits::of([$target]),
                $target->frame(FrameShape::from($making['shape'] ?? FrameShape::Upright->value)),
                Transition::fromArray($making['loop'] ?? null),
            ),
            $scenes,
            array_map(
                static fn (array $word): CutWord => new CutWord(
                    WordTiming::fromArray($word)->shifted(-$later), $word['scene'],
                ),
                $data['words'],
            ),
            $cues,
            new CutFindings($data['hook_ms'] - $later, array_map(Flag::fromArray(...), $data['flags'])),
            new CutSound(
                CutMusic::fromArray($making['music']),
                array_map(static fn (array $effect): CutEffect => new CutEffect(...$effect), $making['effects'] ?? []),
            ),
            new CutOver(
                CutLogo::fromArray($making['logo'] ?? null),
                array_map(CutCard::fromArray(...), $making['cards'] ?? []),
                ProgressLine::fromArray($making['progress'] ?? null),
                $introOutro,
                $second,
            ),
        );
    }

    /**
     * Cues with their styles, each of which is written once.
     *
     * @return array{cues: list<array<string, mixed>>, styles: list<array<string, int|string>>}
     */
    private static function captions(Cut $cut): array
    {
        $styles = $rows = [];
        foreach ($cut->seenCues() as $i => $cue) {
            $style = $cue->style->toArray();
            $number = array_search($style, $styles, true);
            if ($number === false) {
                $styles[] = $style;
                $number = count($styles) - 1;
            }
            $rows[] = [
                'start_ms' => $cue->startMs, 'end_ms' => $cue->endMs, 'scene' => $cue->from->scene,
                'word' => $cue->from->word, 'count' => $cue->from->count, 'locked' => $cue->from->isLocked,
                'style' => $number,
                'words' => array_map(static fn (CueWord $word): array => $word->toArray(), $cue->words),
                'setting' => $cue->setting->toArray(),
                ...($i < count($cut->cues) ? [] : ['second' => true]),
            ];
        }

        return ['cues' => $rows, 'styles' => $styles];
    }
}
