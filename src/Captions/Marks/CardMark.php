<?php

declare(strict_types=1);

namespace RapidReel\Captions\Marks;

use RapidReel\Base\Refusal;
use RapidReel\Captions\Card\CardMotion;
use RapidReel\Captions\Card\CardMotions;
use RapidReel\Captions\Card\CardPaint;

/** A line of text, an emoji or a sticker that an operator put over the picture; it goes with a word of its scene. */
final readonly class CardMark
{
    /** What is no sticker. */
    public const TEXT = 'text';

    public const MOST_LETTERS = 140;

    public const LEAST_MS = 300;

    public const MOST_MS = 60_000;

    /** Width in thousandths of the frame's. */
    public const LEAST_SIZE = 30;

    public const MOST_SIZE = 1_000;

    /**
     * @param  int  $word  number of it in its scene, from 0
     * @param  string  $kind  a sticker's name, or TEXT
     * @param  string  $text  of a text; of a badge what stands in it
     *
     * @throws Refusal where it cannot be shown
     */
    public function __construct(
        public int $word,
        public string $kind = self::TEXT,
        public string $text = '',
        public CardTime $time = new CardTime,
        public CardSpot $spot = new CardSpot,
        public CardMotions $motions = new CardMotions,
        public CardPaint $paint = new CardPaint,
    ) {
        if ($kind === self::TEXT && trim($text) === '') {
            throw new Refusal('Write what the card is to say, or choose a sticker.');
        }
        if (mb_strlen($text) > self::MOST_LETTERS) {
            throw new Refusal(sprintf(
                'A card has at most %d letters; this has %s. Nobody reads more of it: say the rest.',
                self::MOST_LETTERS, number_format(mb_strlen($text)),
            ));
        }
        $ranges = [
            'A card stays for' => [$time->lengthMs, self::LEAST_MS, self::MOST_MS, 'ms'],
            'A card is as wide as' => [$spot->size, self::LEAST_SIZE, self::MOST_SIZE, 'thousandths of the frame'],
            'A card is turned by' => [$spot->turn, -180, 180, 'degrees'],
            'The middle of a card is at' => [$spot->x, 0, 1_000, 'thousandths of the frame'],
            'The height of a card is at' => [$spot->y, 0, 1_000, 'thousandths of the frame'],
            'A card comes off its word by' => [$time->offsetMs, -self::MOST_MS, self::MOST_MS, 'ms'],
        ];
        foreach ($ranges as $what => [$value, $least, $most, $unit]) {
            if ($value < $least || $value > $most) {
                throw new Refusal("$what $least to $most $unit; $value is out of that.");
            }
        }
        foreach ([$paint->fill, $paint->plate] as $colour) {
            if (preg_match('/^([0-9A-F]{6})?$/', $colour) !== 1) {
                throw new Refusal("A colour is written such as FFC247; “{$colour}” is none.");
            }
        }
    }

    /** @return array{int, int} by which it comes before others */
    public function place(): array
    {
        return [$this->word, $this->time->offsetMs];
    }

    /** @throws Refusal */
    public function at(int $word): self
    {
        return self::fromArray([...$this->toArray(), 'word' => $word]);
    }

    /**
     * @return array{
     *     word: int, kind: string, text: string, offset: int, length: int, x: int, y: int, size: int, turn: int,
     *     enter: string, leave: string, fill: string, plate: string
     * }
     */
    public function toArray(): array
    {
        return [
            'word' => $this->word, 'kind' => $this->kind, 'text' => $this->text, 'offset' => $this->time->offsetMs,
            'length' => $this->time->lengthMs, 'x' => $this->spot->x, 'y' => $this->spot->y,
            'size' => $this->spot->size, 'turn' => $this->spot->turn,
            'enter' => $this->motions->enter->value, 'leave' => $this->motions->leave->value,
            'fill' => $this->paint->fill, 'plate' => $this->paint->plate,
        ];
    }

    /**
     * @param  array<string, mixed>  $data  what is missing is as usual
     *
     * @throws Refusal where it cannot be shown
     */
    public static function fromArray(array $data): self
    {
        $whole = static fn (string $key, int $usual): int => is_numeric($data[$key] ?? null)
            ? (int) $data[$key]
            : $usual;
        $words = static fn (string $key, string $usual): string => is_string($data[$key] ?? null)
            ? $data[$key]
            : $usual;
        $fill = strtoupper(ltrim($words('fill', 'FFFFFF'), '#'));

        return new self(
            max(0, $whole('word', 0)),
            $words('kind', self::TEXT),
            trim((string) preg_replace('/\s+/u', ' ', $words('text', ''))),
            new CardTime($whole('offset', 0), $whole('length', 2_000)),
            new CardSpot($whole('x', 500), $whole('y', 330), $whole('size', 500), $whole('turn', 0)),
            new CardMotions(
                CardMotion::tryFrom($words('enter', '')) ?? CardMotion::Fade,
                CardMotion::tryFrom($words('leave', '')) ?? CardMotion::Fade,
            ),
            new CardPaint($fill === '' ? 'FFFFFF' : $fill, strtoupper(ltrim($words('plate', '14202B'), '#'))),
        );
    }
}
