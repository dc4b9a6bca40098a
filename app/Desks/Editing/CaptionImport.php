<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Makers\Planning\LiveCaptions;
use App\Media\Process\ToolFailed;
use App\Shelves\Models\Short;
use RapidReel\Base\Refusal;
use RapidReel\Base\Subtitle\Subtitles;
use RapidReel\Base\Subtitle\TimedCue;
use RapidReel\Captions\Import\CuePlacer;
use RapidReel\Captions\Import\PlacedCue;
use RapidReel\Captions\Import\TimePlacer;
use RapidReel\Captions\Marks\CueMark;
use RapidReel\Plan\Cut\Cut;
use RapidReel\Plan\Cut\CutWord;
use RapidReel\Text\Arrival\TextEncoding;
use RapidReel\Voice\Speech\WordTiming;

/** Captions of a short out of a subtitle file: which words stand together, what they say, and when they are shown. */
final readonly class CaptionImport
{
    private const MOST_BYTES = 4 * 1024 * 1024;

    private const MOST_LETTERS = 600;

    /** Where less of a file says what is said, it may be meant otherwise. */
    private const FITTING = 0.65;

    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private LiveCaptions $captions,
    ) {
    }

    /**
     * @param  bool  $withTimes  whether captions stand at the times of the file, whatever they say; else at the words
     *                           that they say
     * @param  bool  $isSure  whether those that fit are to be brought where many do not
     * @return string what came of it
     *
     * @throws HalfFit where it is to be asked which are meant
     * @throws Refusal when there are no captions in it, or it is in error
     * @throws ToolFailed
     */
    public function bring(Short $short, string $file, bool $withTimes, bool $isSure = false): string
    {
        $cues = self::read($file);
        $cut = $this->captions->of($short);
        // What left the house counts from the begin of its opening.
        $later = $cut->over->introOutro->openingMs();
        $cues = array_map(static fn (TimedCue $cue): TimedCue => $cue->earlier($later), $cues);
        $said = self::words($cut);
        $placed = $withTimes
            ? TimePlacer::place($cues, array_map(
                static fn (array $word, CutWord $at): array => [
                    $word[1], $word[2], $at->timing->startMs, $at->timing->endMs,
                ],
                $said,
                $cut->words,
            ))
            : CuePlacer::place($cues, $said);
        if ($placed === []) {
            throw new Refusal($withTimes
                ? 'Nothing is said at the times of these captions. Is it the file of another short?'
                : 'None of these captions says what this short says. Is it the file of another one? Upload a '
                    .'translation at the times of the file.');
        }
        $fit = count(array_unique(array_map(static fn (PlacedCue $one): int => $one->cue, $placed)));
        if (! $withTimes && ! $isSure && $fit < self::FITTING * count($cues)) {
            throw HalfFit::of($fit, count($cues));
        }
        $marks = $this->marks($placed, $cut, $withTimes);
        $this->edits->change($short->batch, 'uploaded captions', [$short], function (Short $short) use ($marks): void {
            $now = $short->manuscript();
            foreach ($marks as $at => $some) {
                if (isset($now->scenes[$at])) {
                    $own = $now->scenes[$at]->own;
                    $now = $now->withOwn($at, $own->captioned($own->captions->with(...$some)));
                }
            }
            $this->writer->write($short, $now);
        });
        $lost = count($cues) - $fit;
        $why = $withTimes ? 'stand where nothing is said' : 'say nothing that is said here';

        return ($fit === 1 ? '1 caption taken over.' : "$fit captions taken over.")
            .($lost === 0 ? '' : " $lost $why and were left out.");
    }

    /**
     * @return non-empty-list<TimedCue>
     *
     * @throws Refusal
     */
    private static function read(string $file): array
    {
        if ((int) @filesize($file) > self::MOST_BYTES) {
            throw new Refusal('A file of captions is smaller than 4 MB.');
        }
        $text = TextEncoding::toUtf8((string) file_get_contents($file));
        $cues = $text === null ? [] : Subtitles::read($text);
        if ($cues === []) {
            throw new Refusal('There are no captions in this file. SRT, WebVTT and ASS are read.');
        }
        $at = 0;
        foreach ($cues as $i => $cue) {
            $what = sprintf('Caption %d, “%s”,', $i + 1, mb_strimwidth($cue->line(), 0, 40, '…'));
            if (mb_strlen($cue->line()) > self::MOST_LETTERS) {
                throw new Refusal(sprintf(
                    '%s has more than %d letters. Split it and upload the file again.',
                    $what,
                    self::MOST_LETTERS,
                ));
            }
            if ($cue->isBackwards()) {
                throw new Refusal("$what ends before it begins. Correct its times and upload the file again.");
            }
            if ($cue->startMs < $at) {
                throw new Refusal("$what begins before the one ahead of it. Put them in order and upload them again.");
            }
            $at = $cue->startMs;
        }

        return $cues;
    }

    /**
     * @return list<array{string, int, int}> every word of the short: its text, its scene, its number there
     */
    private static function words(Cut $cut): array
    {
        $words = [];
        $numbers = [];
        foreach ($cut->words as $word) {
            $number = $numbers[$word->scene] = ($numbers[$word->scene] ?? -1) + 1;
            $words[] = [$word->timing->text, $word->scene, $number];
        }

        return $words;
    }

    /**
     * @param  list<PlacedCue>  $placed
     * @return array<int, list<CueMark>> by scene
     */
    private function marks(array $placed, Cut $cut, bool $withTimes): array
    {
        $grid = $cut->grid();
        /** @var array<int, list<WordTiming>> $words */
        $words = [];
        foreach ($cut->words as $word) {
            $words[$word->scene][] = $word->timing;
        }
        $near = static fn (int $frames): int => abs($frames) <= CueMark::MOST_NUDGE ? $frames : 0;
        $marks = [];
        foreach ($placed as $one) {
            $first = $words[$one->scene][$one->word];
            $last = $words[$one->scene][$one->word + $one->count - 1];
            $from = $withTimes && $one->startMs !== null
                ? $near($grid->frameOf($one->startMs) - $grid->frameOf($first->startMs))
                : 0;
            $until = $withTimes && $one->endMs !== null
                ? $near($grid->frameOf($one->endMs) - $grid->frameOf($last->endMs))
                : 0;
            $marks[$one->scene][] = new CueMark($one->word, $one->count, $one->text, $one->lines, $from, $until);
        }

        return $marks;
    }
}
