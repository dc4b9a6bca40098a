<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

use RapidReel\Base\Language\SentenceSplitter;
use RapidReel\Base\Language\WordPlaces;
use RapidReel\Base\PlainText;

/** A version held against its source as that is now, sentence by sentence. */
final readonly class Comparison
{
    /** @param  list<ComparedScene>  $scenes  in the order of the source, those that are gone last */
    private function __construct(public array $scenes)
    {
    }

    /**
     * @param  array<int, string>  $source  what each scene says now, by its id
     * @param  array<int, string>  $version  what each scene of the version says now, by its id
     * @param  string  $from  primary part of a BCP 47 tag
     * @param  string  $to  primary part of a BCP 47 tag
     */
    public static function of(array $source, array $version, VersionText $text, string $from, string $to): self
    {
        $splitter = new SentenceSplitter($from);
        $into = new SentenceSplitter($to);
        $scenes = [];
        $number = 0;
        // What was said somewhere else before is known where it stands now.
        $known = self::known($text, $version, $into);
        foreach ($source as $id => $said) {
            $number++;
            $line = $text->lineOf($id);
            if ($line === null || ! isset($version[$line->scene])) {
                $scenes[] = new ComparedScene($id, null, self::rows(
                    self::named($number, $splitter->split($said)), [], $known,
                ));

                continue;
            }
            $pairs = self::pairs($line, $version[$line->scene], $into);
            $isOne = count($pairs) === 1 && count($line->pairs) > 1;
            $scenes[] = new ComparedScene($id, $line->scene, self::rows(
                $isOne ? ["s$number" => PlainText::line($said)] : self::named($number, $splitter->split($said)),
                $pairs, $known,
            ));
        }
        foreach ($text->lines as $line) {
            if (! isset($source[$line->of]) && isset($version[$line->scene])) {
                $scenes[] = new ComparedScene(null, $line->scene, array_map(
                    static fn (Pair $pair): VersionRow => new VersionRow(
                        '', RowState::Gone, '', $pair->source, $pair->target, $pair->told,
                    ),
                    self::pairs($line, $version[$line->scene], $into),
                ));
            }
        }

        return new self($scenes);
    }

    /**
     * @param  int  $scene  its number, from 1
     * @param  list<string>  $sentences
     * @return array<string, string> by what translators know each by
     */
    public static function named(int $scene, array $sentences): array
    {
        return array_combine(array_map(
            static fn (int $at): string => "s$scene.".($at + 1), array_keys($sentences),
        ), $sentences);
    }

    /**
     * @param  int  $of  id of a scene of the source
     * @return array<string, string> what it says now, by what translators know each by
     */
    public function sentencesOf(int $of): array
    {
        $sentences = [];
        foreach ($this->scenes as $scene) {
            foreach ($scene->of === $of ? $scene->rows : [] as $row) {
                if ($row->id !== '') {
                    $sentences[$row->id] = $row->source;
                }
            }
        }

        return $sentences;
    }

    /** @return list<VersionRow> that something is to be done about */
    public function behind(): array
    {
        $behind = [];
        foreach ($this->scenes as $scene) {
            foreach ($scene->rows as $row) {
                if ($row->state->isBehind()) {
                    $behind[] = $row;
                }
            }
        }

        return $behind;
    }

    /**
     * A scene as it was translated, with what it says now. Where its sentences are others than those that were
     * translated, it is one: which is of which cannot be told.
     *
     * @return list<Pair>
     */
    private static function pairs(VersionLine $line, string $now, SentenceSplitter $into): array
    {
        if (self::inked(implode('', array_column($line->pairs, 'target'))) === self::inked($now)) {
            return $line->pairs;
        }
        $sentences = $into->split($now);
        if (count($sentences) !== count($line->pairs)) {
            return [new Pair(implode(' ', array_column($line->pairs, 'source')), PlainText::line($now))];
        }

        // What somebody rewrote is theirs: nothing that was told of it holds.
        return array_map(static fn (Pair $pair, string $sentence): Pair => $sentence === $pair->target
            ? $pair : new Pair($pair->source, $sentence), $line->pairs, $sentences);
    }

    /** Without blanks: not every language has them between sentences. */
    private static function inked(string $text): string
    {
        return (string) preg_replace('/\s+/u', '', $text);
    }

    /**
     * @param  array<int, string>  $version
     * @return array<string, Pair> by the sentence that it is of
     */
    private static function known(VersionText $text, array $version, SentenceSplitter $into): array
    {
        $known = [];
        foreach ($text->lines as $line) {
            foreach (self::pairs($line, $version[$line->scene] ?? '', $into) as $pair) {
                if ($pair->target !== '' && ! $pair->isOpen) {
                    $known[$pair->source] ??= $pair;
                }
            }
        }

        return $known;
    }

    /**
     * @param  array<string, string>  $named  what it says now, by ids
     * @param  list<Pair>  $pairs
     * @param  array<string, Pair>  $known
     * @return list<VersionRow>
     */
    private static function rows(array $named, array $pairs, array $known): array
    {
        $now = array_values($named);
        $ids = array_map(strval(...), array_keys($named));
        $places = WordPlaces::among(array_column($pairs, 'source'), $now);
        $places[count($pairs)] = count($now);
        $rows = [];
        $from = $at = 0;
        foreach ($places as $old => $new) {
            for (; $from < $old || $at < $new; $from = min($old, $from + 1), $at = min($new, $at + 1)) {
                $pair = $from < $old ? $pairs[$from] : null;
                $rows[] = $at < $new
                    ? self::row($ids[$at], $now[$at], $pair, $known)
                    : new VersionRow('', RowState::Gone, '', $pair->source ?? '', $pair->target ?? '');
            }
            if (isset($pairs[$old])) {
                $rows[] = self::row($ids[$new], $now[$new], $pairs[$old], []);
                $from = $old + 1;
                $at = $new + 1;
            }
        }

        return $rows;
    }

    /** @param  array<string, Pair>  $known */
    private static function row(string $id, string $now, ?Pair $pair, array $known): VersionRow
    {
        $moved = $pair?->source === $now ? null : ($known[$now] ?? null);
        $pair = $moved ?? $pair;

        return new VersionRow($id, match (true) {
            $pair === null => RowState::Missing,
            $pair->source !== $now => RowState::Changed,
            $pair->isOpen => RowState::Open,
            default => RowState::Same,
        }, $now, $pair->source ?? '', $pair->target ?? '', $pair->told ?? '');
    }
}
