<?php

declare(strict_types=1);

namespace RapidReel\Base\Typeface;

use Closure;
use InvalidArgumentException;
use Transliterator;

/**
 * The faces at hand. A text is set in the one that was chosen as far as that goes; for what it lacks others stand in,
 * and what none of them has is written in Latin letters: no character is ever drawn as an empty box.
 */
final class TypefaceSet
{
    /** Kana are written with Japanese forms of the characters that Chinese has too. */
    private const KANA = '/[\p{Hiragana}\p{Katakana}]/u';

    /** @var array<string, list<Run>> */
    private array $known = [];

    /**
     * @param  array<string, Metrics|Closure(): Metrics>  $faces  by id; those that are not at hand yet are fetched when
     *                                                            they are needed
     * @param  list<string>  $standIns  ids of those that stand in for what another lacks, best first
     * @param  string  $chinese  id of the stand-in that goes first where a text is Chinese
     */
    public function __construct(
        private array $faces,
        private readonly array $standIns = [],
        private readonly string $chinese = '',
    ) {
        if ($faces === []) {
            throw new InvalidArgumentException('Captions need a typeface.');
        }
    }

    /** One of them; the first where there is none of that name any more. */
    public function get(string $id): Metrics
    {
        $id = $this->id($id);
        $face = $this->faces[$id];

        return $face instanceof Closure ? $this->faces[$id] = $face() : $face;
    }

    /** The id under which a face is found. */
    public function id(string $id): string
    {
        return isset($this->faces[$id]) ? $id : (string) array_key_first($this->faces);
    }

    /**
     * A text in pieces, each in one face.
     *
     * @param  string  $language  of the short, as a BCP 47 tag
     * @return list<Run> none where nothing of it can be drawn
     */
    public function runs(string $text, string $face, string $language = ''): array
    {
        return $this->known["$face $language $text"] ??= $this->split($text, $this->id($face), $language);
    }

    /** Whether every character of it is in some face, so that none has to be written in other letters. */
    public function has(string $text): bool
    {
        foreach (self::clusters($text) as $cluster) {
            if ($this->one($cluster, array_keys($this->faces)) === null) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Run> */
    private function split(string $text, string $face, string $language): array
    {
        if ($this->get($face)->covers($text)) {
            return [new Run($text, $face)];
        }
        $order = [$face, ...$this->standIns];
        $isChinese = str_starts_with($language, 'zh') && preg_match(self::KANA, $text) !== 1;
        if ($isChinese && $this->chinese !== '') {
            $order = [$face, $this->chinese, ...$this->standIns];
        }
        $runs = [];
        foreach (self::clusters($text) as $cluster) {
            $last = $runs === [] ? null : $runs[count($runs) - 1];
            // Marks between letters of one stand-in are drawn by it too, where it can.
            $isMark = preg_match('/^[\p{P}\p{Z}\p{M}\p{Nd}]+$/u', $cluster) === 1;
            $found = $this->one($cluster, $isMark && $last !== null ? [$last[1], ...$order] : $order);
            if ($found === null) {
                $cluster = self::inLatin($cluster);
                $found = $cluster === '' ? null : $this->one($cluster, $order);
                if ($found === null) {
                    continue;
                }
            }
            if ($last !== null && $last[1] === $found) {
                $runs[count($runs) - 1][0] .= $cluster;
            } else {
                $runs[] = [$cluster, $found];
            }
        }

        return array_map(static fn (array $run): Run => new Run($run[0], $run[1]), $runs);
    }

    /** @param  list<string>  $order */
    private function one(string $cluster, array $order): ?string
    {
        foreach ($order as $id) {
            if (isset($this->faces[$id]) && $this->get($id)->covers($cluster)) {
                return $id;
            }
        }

        return null;
    }

    /** @return list<string> what is seen as one character each */
    private static function clusters(string $text): array
    {
        return preg_match_all('/\X/u', $text, $found) === false ? [] : $found[0];
    }

    private static function inLatin(string $text): string
    {
        static $writer = null;
        $writer ??= Transliterator::create('Any-Latin; Latin-ASCII; [:^ASCII:] Remove');

        return $writer instanceof Transliterator ? (string) $writer->transliterate($text) : '';
    }
}
