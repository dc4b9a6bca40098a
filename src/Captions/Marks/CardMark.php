<?php

declare(strict_types=1);

namespace RapidReel\Captions\Marks;

use RapidReel\Base\Refusal;
use RapidReel\Captions\Card\CardMotion;

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
     * @param  int  $offsetMs  it comes so much later than the word begins, or earlier
     * @param  int  $lengthMs  it stays so long
     * @param  int  $x  of its middle, in thousandths of the frame
     * @param  int  $y  of its middle, in thousandths of the frame
     * @param  int  $size  its width before it is turned, in thousandths of the frame's
     * @param  int  $turn  degrees, clockwise
     * @param  string  $fill  colour of letters or of the sticker, as RRGGBB
     * @param  string  $plate  colour behind letters; empty for none
     *
     * @throws Refusal where it cannot be shown
     */
    public function __construct(
        public int $word,
        public string $kind = self::TEXT,
        public string $text = '',
        public int $offsetMs = 0,
        public int $lengthMs = 2_000,
        public int $x = 500,
        public int $y = 330,
        public int $size = 500,
        public int $turn = 0,
        public CardMotion $enter = CardMotion::Fade,
        public CardMotion $leave = CardMotion::Fade,
        public string $fill = 'FFFFFF',
        public string $plate = '14202B',
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
            'A card stays for' => [$lengthMs, self::LEAST_MS, self::MOST_MS, 'ms'],
            'A card is as wide as' => [$size, self::LEAST_SIZE, self::MOST_SIZE, 'thousandths of the frame'],
            'A card is turned by' => [$turn, -180, 180, 'degrees'],
            'The middle of a card is at' => [$x, 0, 1_000, 'thousandths of the frame'],
            'The height of a card is at' => [$y, 0, 1_000, 'thousandths of the frame'],
            'A card comes off its word by' => [$offsetMs, -self::MOST_MS, self::MOST_MS, 'ms'],
        ];
        foreach ($ranges as $what => [$value, $least, $most, $unit]) {
            if ($value < $least || $value > $most) {
                throw new Refusal("$what $least to $most $unit; $value is out of that.");
            }
        }
        foreach ([$fill, $plate] as $colour) {
            if (preg_match('/^([0-9A-F]{6})?$/', $colour) !== 1) {
                throw new Refusal("A colour is written such as FFC247; “{$colour}” is none.");
            }
        }
    }

    /** @return array{int, int} by which it comes before others */
    public function place(): array
    {
        return [$this->word, $this->offsetMs];
    }

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
            'word' => $this->word, 'kind' => $this->kind, 'text' => $this->text, 'offset' => $this->offsetMs,
            'length' => $this->lengthMs, 'x' => $this->x, 'y' => $this->y, 'size' => $this->size,
            'turn' => $this->turn, 'enter' => $this->enter->value, 'leave' => $this->leave->value,
            'fill' => $this->fill, 'plate' => $this->plate,
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
            $whole('offset', 0),
            $whole('length', 2_000),
            $whole('x', 500),
            $whole('y', 330),
            $whole('size', 500),
            $whole('turn', 0),
            CardMotion::tryFrom($words('enter', '')) ?? CardMotion::Fade,
            CardMotion::tryFrom($words('leave', '')) ?? CardMotion::Fade,
            $fill === '' ? 'FFFFFF' : $fill,
            strtoupper(ltrim($words('plate', '14202B'), '#')),
        );
    }
}
