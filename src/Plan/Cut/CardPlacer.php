<?php

declare(strict_types=1);

namespace RapidReel\Plan\Cut;

use RapidReel\Base\Target\Frame;
use RapidReel\Captions\Card\CardChoice;
use RapidReel\Captions\Card\CardDesign;
use RapidReel\Captions\Card\CardMotions;
use RapidReel\Captions\Card\CardPicture;
use RapidReel\Captions\Card\CardPictures;
use RapidReel\Captions\Card\Sticker;
use RapidReel\Captions\Cue\Cue;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Text\Script\SceneRole;

/** Where cards stand and when: those an operator put over words, the title on the hook, the pointer at the close. */
final readonly class CardPlacer
{
    /** Titles are as wide as their letters ask for, in thousandths of the frame, but no wider than the safe area. */
    private const TITLE = [260, 26];

    private const TITLE_MOST = 760;

    private const POINTER_ARROW = 110;

    /** Between a pointer's words and its arrow. */
    private const GAP = 0.012;

    public function __construct(
        private CardPictures $pictures,
        private CardChoice $choice,
        private Frame $frame,
    ) {
    }

    /**
     * @param  list<VoicedScene>  $voiced
     * @param  non-empty-list<CutScene>  $scenes
     * @param  list<Cue>  $cues
     * @param  list<array{float, float, float, float}>  $taken  by what is there all the time
     * @return list<CutCard> in order of their moments
     */
    public function place(string $title, array $voiced, array $scenes, array $cues, array $taken): array
    {
        $cards = [
            ...$this->title($title, $scenes, $cues, $taken),
            ...$this->pointer($scenes[count($scenes) - 1], $cues, $taken),
        ];
        $end = $scenes[count($scenes) - 1]->endMs;
        foreach ($voiced as $number => $one) {
            foreach ($one->scene->own->captions->cards as $i => $mark) {
                $timing = $one->take->words[min($mark->word, count($one->take->words) - 1)] ?? null;
                $startMs = $scenes[$number]->startMs + ($timing->startMs ?? 0) + $mark->time->offsetMs;
                $card = $this->marked($mark, max(0, $startMs), $end, $number, $i);
                if ($card !== null && $card->startMs < $end - CardMark::LEAST_MS) {
                    $cards[] = $card;
                }
            }
        }
        usort($cards, static fn (CutCard $a, CutCard $b): int => $a->startMs <=> $b->startMs);

        return $cards;
    }

    private function marked(CardMark $mark, int $startMs, int $end, int $scene, int $number): ?CutCard
    {
        $picture = $this->pictures->of(new CardDesign(
            $mark->kind, $mark->text, $this->choice->face, $mark->paint->fill, $mark->paint->plate,
            $mark->spot->size, $mark->spot->turn,
        ), $this->frame->shape);

        return $picture === null ? null : new CutCard(
            $startMs,
            min($end, $startMs + $mark->time->lengthMs),
            $picture,
            new CardPlace($mark->spot->x / 1000, $mark->spot->y / 1000, $picture->width / $this->frame->width()),
            $mark->motions,
            new CardOrigin(
                $mark->text !== '' ? $mark->text : Sticker::tryFrom($mark->kind)?->label() ?? $mark->kind,
                $scene, $number,
            ),
        );
    }

    /**
     * @param  non-empty-list<CutScene>  $scenes
     * @param  list<Cue>  $cues
     * @param  list<array{float, float, float, float}>  $taken
     * @return list<CutCard>
     */
    private function title(string $title, array $scenes, array $cues, array $taken): array
    {
        if ($this->choice->titleMs === 0 || trim($title) === '') {
            return [];
        }
        $size = min(self::TITLE_MOST, self::TITLE[0] + self::TITLE[1] * mb_strlen($title));
        $picture = $this->text(mb_strimwidth($title, 0, CardMark::MOST_LETTERS, '…'), $size);

        return $picture === null ? [] : $this->laid(
            $picture, 0, min($this->choice->titleMs, $scenes[count($scenes) - 1]->endMs), $cues, $taken, true, $title,
        );
    }

    /**
     * @param  list<Cue>  $cues
     * @param  list<array{float, float, float, float}>  $taken
     * @return list<CutCard>
     */
    private function pointer(CutScene $last, array $cues, array $taken): array
    {
        if ($this->choice->pointer === '' || $last->role === SceneRole::Hook) {
            return [];
        }
        $arrow = $this->pictures->of(new CardDesign(
            Sticker::ArrowDown->value, '', $this->choice->face, $this->choice->fill, '', self::POINTER_ARROW, 0,
        ), $this->frame->shape);
        $size = min(self::TITLE_MOST, self::TITLE[0] + self::TITLE[1] * mb_strlen($this->choice->pointer));
        $words = $this->text($this->choice->pointer, $size);
        if ($arrow === null || $words === null) {
            return [];
        }
        // Both stand together: words, and the arrow below them.
        [$tall, $small] = [$words->height / $this->frame->height(), $arrow->height / $this->frame->height()];
        $block = new CardPicture('', $words->width, $words->height + $arrow->height + (int) round(
            self::GAP * $this->frame->height(),
        ));
        $middle = $this->laid($block, $last->startMs, $last->endMs, $cues, $taken, false, '')[0]->place->y ?? null;
        $half = ($tall + self::GAP + $small) / 2;
        $free = FreePlace::beside(self::during($cues, $last->startMs, $last->endMs), $taken);
        $wide = $arrow->width / $this->frame->width();
        if ($middle !== null && $free->isClearBelow(0.5 - $wide / 2, $wide, $middle)) {
            return [
                $this->standing($words, $last, 0.5, $middle - $half + $tall / 2, $this->choice->pointer),
                $this->standing($arrow, $last, 0.5, $middle + $half - $small / 2, Sticker::ArrowDown->label()),
            ];
        }

        // Over captions it would point at them: it stands by itself where nothing is below it, or not at all.
        return [
            ...$this->laid($words, $last->startMs, $last->endMs, $cues, $taken, false, $this->choice->pointer),
            ...$this->pointing($arrow, $last, $free),
        ];
    }

    /** @return list<CutCard> an arrow down, where nothing but the edge of the frame is below it */
    private function pointing(CardPicture $arrow, CutScene $last, FreePlace $free): array
    {
        $safe = $this->frame->safe;
        [$wide, $tall] = [$arrow->width / $this->frame->width(), $arrow->height / $this->frame->height()];
        foreach ([0.5 - $wide / 2, 1 - $safe->right - $wide, $safe->left] as $left) {
            $top = $free->top(false, $safe->top, 1 - $safe->bottom - $tall, $left, $wide, $tall);
            if ($top !== null && $free->isClearBelow($left, $wide, $top)) {
                return [$this->standing(
                    $arrow, $last, $left + $wide / 2, $top + $tall / 2, Sticker::ArrowDown->label(),
                )];
            }
        }

        return [];
    }

    private function standing(CardPicture $picture, CutScene $scene, float $x, float $y, string $says): CutCard
    {
        return new CutCard(
            $scene->startMs, $scene->endMs, $picture,
            new CardPlace(round($x, 5), round($y, 5), $picture->width / $this->frame->width()),
            new CardMotions($this->choice->motion), new CardOrigin($says),
        );
    }

    private function text(string $text, int $size): ?CardPicture
    {
        return $this->pictures->of(new CardDesign(
            CardMark::TEXT, $text, $this->choice->face, $this->choice->fill, $this->choice->plate, $size, 0,
        ), $this->frame->shape);
    }

    /**
     * In the middle of the safe area, as high or as low as captions and others leave room.
     *
     * @param  list<Cue>  $cues
     * @param  list<array{float, float, float, float}>  $taken
     * @return list<CutCard> none where there is no room
     */
    private function laid(
        CardPicture $picture,
        int $from,
        int $until,
        array $cues,
        array $taken,
        bool $isHigh,
        string $says,
    ): array {
        $safe = $this->frame->safe;
        $width = $picture->width / $this->frame->width();
        $height = $picture->height / $this->frame->height();
        $left = 0.5 - $width / 2;
        $top = FreePlace::beside(self::during($cues, $from, $until), $taken)->top(
            $isHigh, $safe->top, 1 - $safe->bottom - $height, $left, $width, $height,
        );

        return $top === null ? [] : [new CutCard(
            $from, $until, $picture, new CardPlace(0.5, round($top + $height / 2, 5), $width),
            new CardMotions($this->choice->motion), new CardOrigin($says),
        )];
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<Cue> those that are seen in a stretch of time
     */
    private static function during(array $cues, int $from, int $until): array
    {
        return array_values(array_filter(
            $cues,
            static fn (Cue $cue): bool => $cue->startMs < $until && $cue->endMs > $from,
        ));
    }
}
