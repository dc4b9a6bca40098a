<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Makers\Planning\LiveCaptions;
use App\Media\Process\ToolFailed;
use App\Shelves\Levels\EffectNames;
use App\Shelves\Models\Scene;
use Closure;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Cue\CueWord;
use RapidReel\Captions\Marks\CaptionMarks;
use RapidReel\Captions\Marks\CueMark;
use RapidReel\Captions\Marks\WordMark;
use RapidReel\Text\Script\SceneOwn;

/** Changes to single captions. They stay with their words through every other edit; the voice is not touched. */
final readonly class CaptionEditor
{
    private const MOST_LETTERS = 200;

    private const FARTHEST_SOUND_MS = 10_000;

    public function __construct(
        private SceneEdits $scenes,
        private LiveCaptions $captions,
    ) {
    }

    /**
     * Makes one caption of one and the next of its scene.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function join(Scene $scene, int $word): void
    {
        $cues = $this->captions->ofScene($scene->short, $scene->id);
        $at = self::find($cues, $word);
        $next = $cues[$at + 1] ?? throw new Refusal('After the last caption of a scene there is none to join it with.');
        [$one, $other] = [self::mark($scene, $cues[$at]), self::mark($scene, $next)];
        $text = $one->text === null && $other->text === null
            ? null
            : "{$cues[$at]->text()} {$next->text()}";
        $joined = new CueMark($one->word, $other->end() - $one->word, $text, [], $one->from, $other->until);
        $this->put($scene, 'joined captions', static fn (CaptionMarks $now): CaptionMarks => $now->with($joined));
    }

    /**
     * Parts a caption before a word that it is shown for.
     *
     * @param  int  $at  number of that word in the scene
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function split(Scene $scene, int $word, int $at): void
    {
        $cue = $this->cue($scene, $word);
        if ($at <= $cue->from->word || $at >= $cue->from->word + $cue->from->count) {
            throw new Refusal('A caption is split before one of its words, and not before the first.');
        }
        [$first, $second] = self::mark($scene, $cue)->parted($at);
        $this->put(
            $scene,
            'split a caption',
            static fn (CaptionMarks $now): CaptionMarks => $now->with($first, $second),
        );
    }

    /**
     * Shows other words; what is said stays.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function reword(Scene $scene, int $word, string $text): void
    {
        $cue = $this->cue($scene, $word);
        $text = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text)));
        if ($text === '') {
            throw new Refusal('A caption shows something. To have none, leave out the captions of the scene.');
        }
        if (mb_strlen($text) > self::MOST_LETTERS) {
            throw new Refusal(sprintf('A caption takes at most %d letters.', self::MOST_LETTERS));
        }
        if ($text === $cue->text()) {
            return;
        }
        $old = self::mark($scene, $cue);
        $mark = new CueMark($cue->from->word, $cue->from->count, $text, [], $old->from, $old->until);
        $this->put($scene, 'reworded a caption', static fn (CaptionMarks $now): CaptionMarks => $now->with($mark));
    }

    /**
     * Has a caption begin or end earlier or later.
     *
     * @param  int  $from  frames, later where positive, beside what it was nudged before
     * @param  int  $until  the same for its end
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function nudge(Scene $scene, int $word, int $from, int $until): void
    {
        $old = self::mark($scene, $this->cue($scene, $word));
        if (abs($old->from + $from) > CueMark::MOST_NUDGE || abs($old->until + $until) > CueMark::MOST_NUDGE) {
            throw new Refusal(sprintf('A caption is nudged by at most %d frames.', CueMark::MOST_NUDGE));
        }
        $mark = new CueMark(
            $old->word, $old->count, $old->text, $old->lines, $old->from + $from, $old->until + $until,
        );
        $this->put($scene, 'nudged a caption', static fn (CaptionMarks $now): CaptionMarks => $now->with($mark));
    }

    /**
     * Breaks a line after so many of the words that are shown, or takes that break away.
     *
     * @param  int  $after  at least 1
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function break(Scene $scene, int $word, int $after): void
    {
        $cue = $this->cue($scene, $word);
        $count = count($cue->words);
        if ($after < 1 || $after >= $count) {
            throw new Refusal('A line is broken between two words of a caption.');
        }
        $ends = array_diff($cue->setting->ends(), [$count]);
        $ends = in_array($after, $ends, true) ? array_diff($ends, [$after]) : [...$ends, $after];
        sort($ends);
        $lines = [];
        $at = 0;
        foreach ([...$ends, $count] as $end) {
            $lines[] = $end - $at;
            $at = $end;
        }
        $old = self::mark($scene, $cue);
        $mark = new CueMark($old->word, $old->count, $old->text, $lines, $old->from, $old->until);
        $this->put($scene, 'broke a line of a caption', static fn (CaptionMarks $now): CaptionMarks => $now->with(
            $mark,
        ));
    }

    /**
     * Has the captions of some words found anew.
     *
     * @throws Refusal
     * @throws ToolFailed
     */
    public function free(Scene $scene, int $word): void
    {
        $cue = $this->cue($scene, $word);
        $this->put(
            $scene,
            'captions put back as they were found',
            static fn (CaptionMarks $now): CaptionMarks => $now->without(
                $cue->from->word, $cue->from->word + $cue->from->count,
            ),
        );
    }

    /**
     * Makes a word stand out, or not, or leaves that to the style.
     *
     * @throws Refusal
     */
    public function stress(Scene $scene, int $word, ?bool $stands): void
    {
        $this->word($scene, $word, 'changed emphasis', static fn (WordMark $now): WordMark => $now->stressed($stands));
    }

    /**
     * Shows an emoji after a word, or none, or leaves that to the style.
     *
     * @throws Refusal
     */
    public function emoji(Scene $scene, int $word, ?string $emoji): void
    {
        $emoji = $emoji === null ? null : trim($emoji);
        if ($emoji !== null && $emoji !== '' && preg_match('/^\X{1,2}$/u', $emoji) !== 1) {
            throw new Refusal('After a word stands one emoji, or none.');
        }
        if ($emoji !== null && preg_match('/[\p{L}\p{Nd}\s\\\\{}]/u', $emoji) === 1) {
            throw new Refusal('That is not an emoji.');
        }
        $this->word($scene, $word, 'changed an emoji', static fn (WordMark $now): WordMark => $now->followed($emoji));
    }

    /**
     * Has a sound heard as a word begins, or so much later or earlier.
     *
     * @param  string|null  $sound  null for none
     * @param  int  $ms  after the begin of the word; below 0 before it
     *
     * @throws Refusal when there is no such sound, or it is far from the word
     */
    public function sound(Scene $scene, int $word, ?string $sound, int $ms): void
    {
        $names = EffectNames::of($scene->short->batch->channel);
        if ($sound !== null && ! isset($names[$sound])) {
            throw new Refusal('This sound is no longer there. Reload the page.');
        }
        if (abs($ms) > self::FARTHEST_SOUND_MS) {
            throw new Refusal('A sound is at most 10 seconds from its word.');
        }
        $this->word(
            $scene,
            $word,
            $sound === null ? 'deleted a sound' : 'placed “'.$names[$sound].'”',
            static fn (WordMark $now): WordMark => $now->sounding($sound, $ms),
        );
    }

    /**
     * @param  Closure(WordMark): WordMark  $change
     *
     * @throws Refusal
     */
    private function word(Scene $scene, int $word, string $what, Closure $change): void
    {
        if ($word >= $scene->toScript()->words()) {
            throw new Refusal('This word is no longer there. Reload the page.');
        }
        $this->put($scene, $what, static fn (CaptionMarks $now): CaptionMarks => $now->marking(
            $change($now->word($word)),
        ));
    }

    /**
     * @param  Closure(CaptionMarks): CaptionMarks  $change
     *
     * @throws Refusal
     */
    private function put(Scene $scene, string $what, Closure $change): void
    {
        $this->scenes->own($scene, $what, static fn (SceneOwn $own): SceneOwn => $own->captioned(
            $change($own->captions),
        ));
    }

    /**
     * @throws Refusal
     * @throws ToolFailed
     */
    private function cue(Scene $scene, int $word): Cue
    {
        $cues = $this->captions->ofScene($scene->short, $scene->id);

        return $cues[self::find($cues, $word)];
    }

    /**
     * @param  non-empty-list<Cue>  $cues
     *
     * @throws Refusal
     */
    private static function find(array $cues, int $word): int
    {
        foreach ($cues as $at => $cue) {
            if ($cue->from->word === $word) {
                return $at;
            }
        }

        throw new Refusal('This caption is no longer there. Reload the page.');
    }

    /**
     * A caption as an operator would have made it.
     *
     * @throws Refusal
     */
    private static function mark(Scene $scene, Cue $cue): CueMark
    {
        $made = $scene->toScript()->own->captions->over($cue->from->word);

        return $made !== null && $made->word === $cue->from->word && $made->count === $cue->from->count
            ? $made
            : new CueMark($cue->from->word, $cue->from->count, self::isAsSaid($cue) ? null : $cue->text());
    }

    private static function isAsSaid(Cue $cue): bool
    {
        return array_filter($cue->words, static fn (CueWord $word): bool => $word->word === null) === [];
    }
}
