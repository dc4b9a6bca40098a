<?php

declare(strict_types=1);

namespace RapidReel\Cut;

use RapidReel\Base\TargetProfile;
use RapidReel\Caption\Cue;
use RapidReel\Caption\Cueing\CueMaker;
use RapidReel\Caption\Cueing\EmojiBook;
use RapidReel\Face\FaceSet;
use RapidReel\Footage\Footage;
use RapidReel\Footage\FootageKind;
use RapidReel\Footage\FootageMatcher;
use RapidReel\Footage\Matching\ShotMatch;
use RapidReel\Footage\ShotNeed;
use RapidReel\Framing\Framer;
use RapidReel\Framing\Interest\Interests;
use RapidReel\Voice\WordTiming;

/**
 * Makes the cut of a short from its voiced scenes and the library.
 */
final readonly class CutBuilder
{
    public function __construct(
        private TargetProfile $profile,
        private FaceSet $faces,
        private string $language = 'en',
        private ?EmojiBook $emoji = null,
        private ScenePacer $pacer = new ScenePacer,
        private FootageMatcher $matcher = new FootageMatcher,
        private ?Interests $interests = null,
    ) {
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  list<Footage>  $library  with none, the cut has no shots and can be measured but not rendered
     * @param  list<Flag>  $flags  known before
     */
    public function build(string $title, array $voiced, array $library, ?CutMusic $music, array $flags = []): Cut
    {
        $grid = $this->pacer->grid;
        $spans = $this->pacer->spans($voiced);
        $needs = $this->needs($voiced, $spans);
        $pictures = $library === [] ? [] : $this->matcher->match($needs, $library);
        $captions = new CueMaker(
            $this->faces,
            $this->profile,
            $this->language,
            self::words($voiced),
            $this->emoji ?? EmojiBook::none(),
        );

        $scenes = [];
        $words = [];
        $cues = [];
        $at = 0;
        foreach ($voiced as $number => $one) {
            $span = $spans[$number];
            $startMs = $grid->msOf($span->startFrame);
            $timed = array_map(static fn (WordTiming $word): WordTiming => $word->shifted($startMs), $one->take->words);
            $shots = $ends = [];
            foreach ($span->shots as $shot) {
                $endMs = $grid->msOf($shot->endFrame);
                if ($pictures !== []) {
                    $shots[] = $this->shot($pictures[$at], $one, $shot);
                    $at++;
                }
                $ends[] = [$shot->firstWord, $endMs];
            }
            if ($one->captions !== null) {
                array_push($cues, ...$captions->cues(
                    $number,
                    $timed,
                    $ends,
                    $grid->msOf($span->endFrame),
                    $one->scene->own->captions,
                    $one->captions,
                ));
            }
            foreach ($timed as $word) {
                $words[] = new CutWord($word, $number);
            }
            $scenes[] = new CutScene(
                $one->scene->role,
                $one->scene->text,
                $startMs,
                $grid->msOf($span->endFrame),
                $one->take->key,
                $shots,
            );
        }

        $duration = $grid->msOf($spans[count($spans) - 1]->endFrame);
        $hookMs = $voiced[0]->take->spokenMs();

        return new Cut(
            $title,
            $this->profile,
            $duration,
            $hookMs,
            $scenes,
            $words,
            $cues,
            [
                ...$flags,
                ...$this->flags(
                    $duration,
                    $hookMs,
                    $pictures,
                    self::words($voiced),
                    $cues,
                    self::unmatched($needs, $pictures),
                ),
            ],
            $music,
        );
    }

    /**
     * The times and the flags alone, without captions and pictures: all that a table of many shorts needs.
     *
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  list<Flag>  $flags  known before
     */
    public function measure(array $voiced, array $flags = []): CutSummary
    {
        $grid = $this->pacer->grid;
        $scenes = [];
        $cuts = [];
        $words = self::words($voiced);
        $spans = $this->pacer->spans($voiced);
        foreach ($spans as $number => $span) {
            $scenes[] = [
                $grid->msOf($span->startFrame),
                $grid->msOf($span->endFrame),
                $voiced[$number]->scene->role->value,
            ];
            foreach (array_slice($span->shots, 1) as $shot) {
                $cuts[] = $grid->msOf($shot->startFrame);
            }
        }
        $duration = $grid->msOf($spans[count($spans) - 1]->endFrame);
        $hookMs = $voiced[0]->take->spokenMs();

        return new CutSummary($this->profile, $duration, $hookMs, count($words), $scenes, $cuts, [
            ...$flags,
            ...$this->flags($duration, $hookMs, [], $words),
        ]);
    }

    /**
     * @param  non-empty-list<VoicedScene>  $voiced
     * @param  non-empty-list<SceneSpan>  $spans
     * @return list<ShotNeed>
     */
    private function needs(array $voiced, array $spans): array
    {
        $needs = [];
        foreach ($voiced as $number => $one) {
            foreach ($spans[$number]->shots as $shot) {
                $needs[] = new ShotNeed(
                    $one->take->saying($shot->firstWord, $shot->endWord),
                    $one->scene->text,
                    $this->pacer->grid->msOf($shot->endFrame - $shot->startFrame),
                    ($one->chosen[$shot->firstWord] ?? null)?->footage,
                    $one->scene->brief,
                    ($one->chosen[$shot->firstWord] ?? null)->isLocked ?? false,
                );
            }
        }

        return $needs;
    }

    /**
     * What is said over shots that no picture fits; what an operator chose fits.
     *
     * @param  list<ShotNeed>  $needs
     * @param  list<ShotMatch>  $pictures
     * @return list<string>
     */
    private static function unmatched(array $needs, array $pictures): array
    {
        $said = [];
        foreach ($pictures as $i => $match) {
            if (! $match->isGood() && ! $needs[$i]->isLocked) {
                $said[] = $needs[$i]->text;
            }
        }

        return $said;
    }

    private function shot(ShotMatch $match, VoicedScene $one, ShotSpan $span): CutShot
    {
        $footage = $match->footage;
        $grid = $this->pacer->grid;
        $chosen = $one->chosen[$span->firstWord] ?? null;
        $lengthMs = $grid->msOf($span->endFrame - $span->startFrame);
        $isClip = $footage->kind === FootageKind::Clip;
        $last = max(0, $footage->durationMs - $lengthMs);
        // The middle of a clip: what it shows has come into view by then.
        $inMs = $isClip ? min($last, $chosen->inMs ?? intdiv($last, 2)) : 0;
        $framed = Framer::shot(
            $footage,
            $this->interests?->of($footage->id),
            $chosen->framing ?? $one->framing,
            $chosen->pins ?? [],
            $this->profile->aspect(),
            $inMs,
            $lengthMs,
        );

        return new CutShot(
            $footage->id,
            $footage->kind,
            $footage->fingerprint,
            $footage->width,
            $footage->height,
            $grid->msOf($span->startFrame),
            $grid->msOf($span->endFrame),
            $inMs,
            $framed->path,
            $span->firstWord,
            $chosen->dim ?? $one->dim,
            $framed->backdrop,
            $match->why,
            $match->isGood(),
        );
    }

    /**
     * @param  list<VoicedScene>  $voiced
     * @return list<string> all that is said
     */
    private static function words(array $voiced): array
    {
        $words = [];
        foreach ($voiced as $one) {
            array_push($words, ...array_column($one->take->words, 'text'));
        }

        return $words;
    }

    /**
     * @param  list<ShotMatch>  $pictures
     * @param  list<string>  $words
     * @param  list<Cue>  $cues
     * @param  list<string>  $unmatched  what is said over shots that no picture fits
     * @return list<Flag>
     */
    private function flags(
        int $duration,
        int $hookMs,
        array $pictures,
        array $words,
        array $cues = [],
        array $unmatched = [],
    ): array {
        $flags = [];
        if ($hookMs > $this->profile->hookWindowMs()) {
            $flags[] = new Flag(
                FlagCode::HookLate,
                sprintf(
                    'The hook takes %.1f s to say; viewers give it %.1f s.',
                    $hookMs / 1000,
                    $this->profile->hookWindowMs() / 1000,
                ),
            );
        }
        if ($duration > $this->profile->longestMs()) {
            $flags[] = new Flag(
                FlagCode::TooLong,
                sprintf(
                    '%.1f s over the limit of %d s.',
                    ($duration - $this->profile->longestMs()) / 1000,
                    intdiv($this->profile->longestMs(), 1000),
                ),
            );
        }
        if ($duration < $this->profile->shortestMs()) {
            $flags[] = new Flag(
                FlagCode::TooShort,
                sprintf(
                    '%.1f s short of the %d s that the target asks for.',
                    ($this->profile->shortestMs() - $duration) / 1000,
                    intdiv($this->profile->shortestMs(), 1000),
                ),
            );
        }
        $repeats =
            count($pictures) -
            count(array_unique(array_map(static fn (ShotMatch $match): string => $match->footage->id, $pictures)));
        if ($repeats > 0) {
            $flags[] = new Flag(
                FlagCode::FootageRepeats,
                sprintf('%d of %d pictures stand twice: the library holds too few.', $repeats, count($pictures)),
            );
        }
        if ($unmatched !== []) {
            $flags[] = new Flag(
                FlagCode::NoMatch,
                sprintf(
                    'No picture here fits what is said over %s: “%s”.',
                    count($unmatched) === 1 ? 'one shot' : count($unmatched).' shots',
                    implode('”, “', array_map(
                        static fn (string $said): string => mb_strimwidth($said, 0, 40, '…'),
                        array_slice($unmatched, 0, 3),
                    )),
                ),
            );
        }
        $odd = array_filter($words, fn (string $word): bool => ! $this->faces->has($word));
        if ($odd !== []) {
            $flags[] = new Flag(
                FlagCode::NoFace,
                sprintf(
                    'No face here has all characters of “%s”; captions write it in Latin letters.',
                    implode('”, “', array_slice(array_values($odd), 0, 3)),
                ),
            );
        }
        $tight = array_filter($cues, static fn (Cue $cue): bool => $cue->setting->isTight);
        if ($tight !== []) {
            $flags[] = new Flag(
                FlagCode::CaptionTight,
                sprintf(
                    'Captions smaller than their style allows, as they would not fit: “%s”.',
                    implode('”, “', array_map(
                        static fn (Cue $cue): string => mb_strimwidth($cue->text(), 0, 40, '…'),
                        array_slice(array_values($tight), 0, 3),
                    )),
                ),
            );
        }

        return $flags;
    }
}
