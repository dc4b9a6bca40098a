<?php

declare(strict_types=1);

namespace RapidReel\Text\Cleanup\Form;

use RapidReel\Text\Rules\Labels;
use RapidReel\Text\Rules\Lists\ReplyWords;
use RapidReel\Text\Rules\Lists\WordList;
use RapidReel\Text\Rules\Marks;
use RapidReel\Text\Rules\RunKind;

/**
 * What a writer says of the script and does not mean to be spoken: at the beginning how it was made, at the end what
 * else could be done with it, and advice. Only where the product is named or work is offered.
 */
final readonly class Talk
{
    /** Strong names of the product: what nobody tells a tale of. */
    private const SCRIPT = '/\b(?:scripts?|voice[ -]?over|drafts?|skript|guion|guión|roteiro|copione|sprechertext|'
        .'video|reel|shorts?|vídeo|vidéo)\b|سكريبت|سيناريو/iu';

    private const FOR_YOU = '/\b(?:for you|you (?:asked|requested|wanted|can use)|as requested|below|based on'
        .'|short-form'
        .'|\d+(?:[ -]|\s*)(?:second|sekunden|seconde|segundo|secondi|word)s?|vertical|tailored|optimi[sz]ed|für dich'
        .'|für sie|pour (?:toi|vous)|para ti|para você|per te|de \d+ (?:secondes|segundos)|di \d+ secondi)\b|ثانية/iu';

    /** What a writer says of the script at its end. */
    private const OF_IT = '/^\W*(?:this|the(?:se)?|dieses|das|ce|le|este|el|questo|il|o) (?:video )?(?:scripts?'
        .'|version|draft'
        .'|voice ?over|skript|guion|guión|roteiro|copione) (?:is|are|runs?|should|uses?|keeps?|can|will|has|comes|hooks'
        .'|follows|clocks|was|takes|works|ist|dauert|dure|est|dura|es|é|è)\b/iu';

    private const NOD = '/^\W*(?:sure(?: thing)?|certainly|of course|absolutely|great|got it|definitely|perfect'
        .'|klar|gerne?'
        .'|natürlich|bien sûr|d[\'’]accord|claro|por supuesto|certo|com certeza|بالتأكيد|بالطبع)\b/iu';

    private ReplyWords $words;

    public function __construct(WordList $list, private Labels $labels)
    {
        $this->words = $list->replies;
    }

    /**
     * @param  list<string>  $lines
     * @return array<int, RunKind> by the number of the line
     */
    public function among(array $lines): array
    {
        $filled = array_keys(array_filter($lines, static fn (string $line): bool => trim($line) !== ''));

        return $this->opening($lines, $filled) + $this->closing($lines, $filled) + $this->advice($lines, $filled);
    }

    /**
     * @param  list<string>  $lines
     * @param  list<int>  $filled
     * @return array<int, RunKind>
     */
    private function opening(array $lines, array $filled): array
    {
        $kinds = [];
        foreach (array_slice($filled, 0, 4) as $at => $i) {
            $line = Marks::bare($lines[$i]);
            $isNod = preg_match(self::NOD, $line) === 1;
            $next = Marks::bare($lines[$filled[$at + 1] ?? -1] ?? '');
            if ($this->opens($line) || ($isNod && preg_match_all('/\S+/u', $line) <= 5 && $this->opens($next))) {
                $kinds[$i] = RunKind::Remark;
            } elseif ($kinds === [] || preg_match('/^(?:-{3,}|\*{3,}|_{3,})$/', trim($lines[$i])) !== 1) {
                break;
            }
        }

        return $kinds;
    }

    private function opens(string $line): bool
    {
        if (preg_match("/^\\W*{$this->words->opening}/iu", $line) !== 1 || mb_strlen($line) > 400) {
            return false;
        }
        $signs = [
            preg_match('/[:：]\W*$/u', $line),
            preg_match(self::SCRIPT, $line) | preg_match("/(?<!\\p{L}){$this->words->product}(?!\\p{L})/iu", $line),
            preg_match(self::FOR_YOU, $line),
            preg_match(self::NOD, $line),
        ];

        return $signs[1] === 1 && array_sum($signs) >= 2;
    }

    /**
     * @param  list<string>  $lines
     * @param  list<int>  $filled
     * @return array<int, RunKind>
     */
    private function closing(array $lines, array $filled): array
    {
        $kinds = [];
        $listed = [];
        foreach (array_slice(array_reverse($filled), 0, 9) as $i) {
            $line = Marks::bare($lines[$i]);
            $heads = $listed !== [] && preg_match("/^\\W*{$this->words->offer}.*:$/iu", $line) === 1;
            if ($heads || $this->offers($line)) {
                $kinds[$i] = RunKind::Remark;
                $kinds += preg_match('/[:：]$/u', $line) === 1 ? array_fill_keys($listed, RunKind::Remark) : [];
                $listed = [];
            } elseif (preg_match('/^\s*(?:[-*•]|\d+[.)])\s/u', $lines[$i]) === 1) {
                // What is offered may stand in a list under the offer.
                $listed[] = $i;
            } elseif (
                preg_match('/^(?:[\W_]*|(?:#\p{L}[\p{L}\p{N}_]*\s*)+)$/u', trim($lines[$i])) !== 1
                && $this->labels->field($line) === null
            ) {
                break;
            }
        }

        return $kinds;
    }

    private function offers(string $line): bool
    {
        if (preg_match(self::OF_IT, $line) === 1) {
            return true;
        }
        $offer = "(?:^\\W*|(?<=[.!?…;,–—] )){$this->words->offer}";
        if (preg_match("/{$offer}/iu", $line) !== 1) {
            return false;
        }

        return preg_match("/(?<!\\p{L}){$this->words->product}(?!\\p{L})/iu", $line) === 1
            || preg_match('/^(?:let me know (?:what you think|how)|feel free to (?:adjust|edit|change|ask)|(?:i )?hope '
                .'(?:this|that|it) (?:helps|works|is what)|(?:i )?hope you (?:like|enjoy) (?:it'
                .'|this))\b/iu', $line) === 1;
    }

    /**
     * @param  list<string>  $lines
     * @param  list<int>  $filled
     * @return array<int, RunKind>
     */
    private function advice(array $lines, array $filled): array
    {
        foreach ($filled as $at => $i) {
            $line = Marks::bare($lines[$i]);
            $isHead = preg_match('/[:：]$/u', $line) === 1
                || preg_match('/^\s*(?:#{1,6}\s|\*\*[^*]+\*\*:?\s*$)/u', $lines[$i]) === 1;
            if ($at < 0.4 * count($filled) || ! $isHead
                || preg_match("/^{$this->words->tips}\\W*$/iu", (string) preg_replace('/^\W+/u', '', $line)) !== 1) {
                continue;
            }
            $kinds = [];
            foreach (array_slice($filled, $at) as $j) {
                if ($j > $i && $this->labels->areAll($lines[$j])) {
                    break;
                }
                $kinds[$j] = RunKind::Remark;
            }

            return $kinds;
        }

        return [];
    }
}
