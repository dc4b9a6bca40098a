<?php

declare(strict_types=1);

namespace App\Desks\Editing;

use App\Shelves\Models\Scene;
use RapidReel\Base\Refusal;
use RapidReel\Captions\Card\Sticker;
use RapidReel\Captions\Marks\CardMark;
use RapidReel\Text\Script\SceneOwn;

/** Puts cards and stickers over words, changes them, and takes them away. */
final readonly class CardEditor
{
    /** More at one scene hide what they stand on. */
    private const MOST = 20;

    public function __construct(private SceneEdits $scenes)
    {
    }

    /**
     * @param  int  $word  of the scene that it goes with
     * @param  array<string, int|string>  $values  by name; what is missing is as usual
     *
     * @throws Refusal
     */
    public function add(Scene $scene, int $word, array $values): void
    {
        if ($word >= $scene->toScript()->words()) {
            throw new Refusal('This word is no longer there. Reload the page.');
        }
        $card = $this->card([...$values, 'word' => $word]);
        $cards = $scene->toScript()->own->captions->cards;
        if (count($cards) >= self::MOST) {
            throw new Refusal(sprintf('There are %d cards over this scene already.', count($cards)));
        }
        $this->put($scene, 'put a card over it', [...$cards, $card]);
    }

    /**
     * @param  int  $number  among the cards of the scene
     * @param  array<string, int|string>  $values  by name: what changes
     *
     * @throws Refusal
     */
    public function change(Scene $scene, int $number, array $values): void
    {
        $cards = $this->cards($scene, $number);
        $cards[$number] = $this->card([...$cards[$number]->toArray(), ...$values]);
        $this->put($scene, 'changed a card', $cards);
    }

    /** @throws Refusal */
    public function drop(Scene $scene, int $number): void
    {
        $cards = $this->cards($scene, $number);
        unset($cards[$number]);
        $this->put($scene, 'deleted a card', $cards);
    }

    /**
     * @return array<int, CardMark>
     *
     * @throws Refusal
     */
    private function cards(Scene $scene, int $number): array
    {
        $cards = $scene->toScript()->own->captions->cards;

        return isset($cards[$number])
            ? $cards
            : throw new Refusal('This card is no longer there. Reload the page.');
    }

    /**
     * @param  array<string, int|string>  $values
     *
     * @throws Refusal
     */
    private function card(array $values): CardMark
    {
        $card = CardMark::fromArray($values);
        if ($card->kind !== CardMark::TEXT && Sticker::tryFrom($card->kind) === null) {
            throw new Refusal('There is no such sticker. Reload the page.');
        }

        return $card;
    }

    /**
     * @param  array<CardMark>  $cards
     *
     * @throws Refusal
     */
    private function put(Scene $scene, string $what, array $cards): void
    {
        $this->scenes->own($scene, $what, static fn (SceneOwn $own): SceneOwn => $own->captioned(
            $own->captions->carded($cards),
        ));
    }
}
