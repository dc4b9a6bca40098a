<?php

declare(strict_types=1);

namespace RapidReel\Voice\Speech;

/**
 * A text as it is to be said: some written forms are said otherwise ("Ness" as "Ness", "SS Calder" as "steamship
 * Calder"). The captions keep what is written; places in what is said are brought back to it.
 */
final readonly class SpokenText
{
    /**
     * @param  list<array{int, int, int, int}>  $changes  place and length of what is written, place and length of
     *                                                    what is said, in characters, rising
     */
    private function __construct(
        public string $written,
        public string $said,
        private array $changes,
    ) {
    }

    /**
     * @param  array<string, string>  $pronunciations  how to say it, by what is written; whole words, the longest first
     */
    public static function of(string $written, array $pronunciations): self
    {
        $forms = array_filter(
            array_map(strval(...), array_keys($pronunciations)),
            static fn (string $form): bool => $form !== '',
        );
        if ($forms === []) {
            return new self($written, $written, []);
        }
        usort($forms, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        $pattern =
            '/(?<![\p{L}\p{N}])(?:'.
            implode('|', array_map(static fn (string $form): string => preg_quote($form, '/'), $forms)).
            ')(?![\p{L}\p{N}])/u';
        preg_match_all($pattern, $written, $matches, PREG_OFFSET_CAPTURE);
        $said = '';
        $changes = [];
        $byte = 0;
        foreach ($matches[0] as [$form, $at]) {
            $said .= substr($written, $byte, $at - $byte);
            $changes[] = [
                mb_strlen(substr($written, 0, $at)),
                mb_strlen($form),
                mb_strlen($said),
                mb_strlen($pronunciations[$form]),
            ];
            $said .= $pronunciations[$form];
            $byte = $at + strlen($form);
        }

        return new self($written, $said.substr($written, $byte), $changes);
    }

    /**
     * @param  list<SynthEvent>  $events  at places of what is said
     * @return list<SynthEvent> at places of what is written
     */
    public function written(array $events): array
    {
        return array_map(
            fn (SynthEvent $event): SynthEvent => new SynthEvent($this->place($event->offset), $event->ms),
            $events,
        );
    }

    private function place(int $said): int
    {
        $shift = 0;
        foreach ($this->changes as [$writtenAt, $writtenLength, $saidAt, $saidLength]) {
            if ($said < $saidAt) {
                break;
            }
            if ($said < $saidAt + $saidLength) {
                // Inside of it, so far along as in what is said.
                return $writtenAt +
                    min($writtenLength - 1, intdiv(($said - $saidAt) * $writtenLength, max(1, $saidLength)));
            }
            $shift = $writtenAt + $writtenLength - $saidAt - $saidLength;
        }

        return $said + $shift;
    }
}
