<?php

declare(strict_types=1);

namespace RapidReel\Text\Rules;

use RapidReel\Text\Rules\Lists\LabelWords;
use RapidReel\Text\Rules\Lists\NoteWords;
use RapidReel\Text\Rules\Lists\WordList;

/** Names of parts and voices, which go while the words after them stay, and fields of production, which go whole. */
final readonly class Labels
{
    public const NUMBER = '(?:\s*(?:[#№]|no\.?|nr\.?)?\s*(?:\d{1,3}[a-z]?|[ivx]{1,4}|one|two|three|four|five|six|seven'
        .'|eight|nine|ten|eins|zwei|drei|vier|fünf|un|deux|trois|quatre|cinq|uno|dos|tres|due|tre|dois|três)\b)';

    /** More than a name may stand between it and its colon. */
    private const ASIDE = '(?:\s*(?:\([^)\n]{0,60}\)|\[[^\]\n]{0,60}\])|\s*[-–—|,@]?\s*(?:'.Timings::SPAN.'|'
        .Timings::TIME.'))*';

    private const COLON = '\s*[:：]';

    private const JOIN = '\s*(?:[\/&+:|,–—-]|and|und|et|y|e)\s*';

    /** Names of parts that may as well begin a sentence ("The twist: nobody had lit it"). */
    private const SOFT = '(?:the|der|die|das|le|la|el|il|lo|o|a|l[\'’])\b.*|twist|reveal|story|ending|end|conclusion'
        .'|climax|value|loop|punch ?line|beginning|opening|closing';

    /** Names of fields that may as well begin a sentence ("Time: the one thing he had not."). */
    private const WEAK = 'time|style|length|location|date|colou?rs?|sounds?|music|song|track|action|shows?|camera'
        .'|screen'
        .'|setting|background|subject|theme|purpose|goal|cast|characters?|edit|cut|effects?|energy|mood|emotion|words'
        .'|topic|series|source|author|version|language|audience|angle|shot|insert|logo|font|gesture|tags?|zeit'
        .'|ort|stil|ton'
        .'|farben?|thema|ziel|musik|geräusche?|temps|lieu|sujet|style|sons?|tiempo|lugar|tema|luz|sonidos?|tempo'
        .'|luogo|suoni?'
        .'|tom|local|cores';

    /** What the name of a field ends with whatever stands before ("Cinematic direction:", "Hook variations:"). */
    private const NOUN = '(?!(?:the|his|her|its|my|our|your|their|this|that|these|those|one|two|three|no|some|all'
        .'|and|but)\b)'
        .'(?-i:\p{Lu})[\p{L}\'’-]+(?:[ \/&-]+[\p{L}\'’-]+){0,2} (?:directions?|cues?|prompts?|suggestions?'
        .'|overlays?|visuals?'
        .'|footage|b[ -]?roll|soundtrack|hash ?tags?|keywords?|thumbnails?|options|variations|ideas|notes'
        .'|platforms?|runtime'
        .'|duration|length|audience|aspect ratio|title|caption|palette|transitions?|effects|graphics?|tone|pacing)';

    private string $one;

    private LabelWords $words;

    private NoteWords $notes;

    public function __construct(WordList $list)
    {
        $this->words = $list->labels;
        $this->notes = $list->notes;
        $this->one = "(?:{$this->words->parts}|{$this->words->counted}|{$this->words->voices})".self::NUMBER
            .'?(?:\s*(?:of|von|de|di|sur|\/)\s*\d+)?';
    }

    /** Whether a line is nothing but names of parts, with their numbers and times ("Scene 2 – Hook (0:05-0:09)"). */
    public function areAll(string $line): bool
    {
        $bare = Marks::bare($line);
        if (Marks::ends($bare)) {
            return false;
        }
        if (preg_match("/^(?:{$this->words->counted})".self::NUMBER.'\s*[-–—:.|]+\s*(?:INT'
            .'|EXT)[.\s\/].*$/iu', $bare) === 1) {
            return true;
        }
        $bare = Timings::without((string) preg_replace('/\([^()]{0,60}\)/u', ' ', $bare));
        $bare = trim((string) preg_replace('/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/u', '', $bare));

        return preg_match("/^{$this->one}(?:".self::JOIN."{$this->one}){0,2}$/iu", $bare) === 1;
    }

    /** The label that a text begins with, up to the words; empty where it begins with none. */
    public function lead(string $text): string
    {
        $mark = Marks::EMPHASIS;
        $name = "{$mark}[\\[(]?{$mark}({$this->one}(?:".self::JOIN."{$this->one})?)".self::ASIDE
            ."{$mark}[\\])]?".self::ASIDE.$mark;
        if (preg_match("/^{$name}".self::COLON."{$mark}\\s*/iu", $text, $found) === 1) {
            $rest = substr($text, strlen($found[0]));
            $isSoft = preg_match('/^(?:'.self::SOFT.')$/iu', $found[1]) === 1;

            return $isSoft && preg_match('/^\p{Ll}/u', $rest) === 1 ? '' : $found[0];
        }
        $counted = "{$mark}(?:{$this->words->counted})".self::NUMBER.self::ASIDE.$mark;
        if (preg_match("/^{$counted}\\s*(?:[-–—|]|[.)](?=\\s))\\s*{$mark}/iu", $text, $found) === 1) {
            return $found[0];
        }
        // Without a colon only where something else sets the name apart.
        if (preg_match("/^(?:\\*\\*|__){$this->one}".self::ASIDE.'(?:\*\*|__)\s*[-–—|]?\s*/iu', $text, $found) === 1 ||
            preg_match("/^\\[{$this->one}".self::ASIDE.'\]\s*[-–—|]?\s*/iu', $text, $found) === 1) {
            return $found[0];
        }
        $dashed = "/^({$this->one})".self::ASIDE.'\s*[-–—|]\s*/iu';

        return preg_match($dashed, $text, $found) === 1 && mb_strtoupper($found[1]) === $found[1] ? $found[0] : '';
    }

    /**
     * Whether a line numbers a part and gives it a title ("Part 2: The Rule") that stands above the part's words.
     *
     * @param  string  $next  the next line that is not empty
     */
    public function isTitled(string $line, string $next): bool
    {
        $bare = Marks::bare($line);
        $numbered = "/^(?:{$this->words->counted})".self::NUMBER.self::ASIDE.'\s*[:：–—|.-]\s*(.+)$/iu';
        if (Marks::ends($bare) || preg_match($numbered, $bare, $found) !== 1 || $this->lead($found[1]) !== '') {
            return false;
        }
        $words = preg_split('/\s+/u', trim($found[1])) ?: [];
        $large = preg_grep('/^\W*[\p{Lu}\p{N}]/u', $words) ?: [];
        $next = Marks::bare($next);

        $isAbove = $this->lead($next) === '' && $this->field($next) === null
            ? Marks::ends($next) && (count($large) >= 0.5 * count($words) || count($words) <= 3)
            : ! $this->isNumbered($next);

        return count($words) <= 8 && $isAbove;
    }

    /** Whether a text begins with the name and number of a part. */
    public function isNumbered(string $text): bool
    {
        return preg_match('/^'.Marks::EMPHASIS."[\\[(]?(?:{$this->words->counted})".self::NUMBER.'/iu', $text) === 1;
    }

    /** Whether a label names who speaks and not a part of the script. */
    public function isVoice(string $label): bool
    {
        return preg_match("/^\\W*(?:{$this->words->voices})(?!\\p{L})/iu", $label) === 1;
    }

    /** What kind of field a text is; null where it is none. The colon follows its name directly. */
    public function field(string $text): ?RunKind
    {
        // Words after a bracket are not the field's.
        if (preg_match('/^[*_\s]*(?:\[[^\]]*\]|\([^)]*\))(?=.*\p{L})/u', $text) === 1) {
            return null;
        }
        $mark = Marks::EMPHASIS;
        $is = static fn (string $names): bool => preg_match(
            "/^{$mark}[\\[(]?{$mark}(?:{$names})(?:".self::JOIN."(?:{$names}))?".self::NUMBER.'?'
                .self::ASIDE.$mark.'[\])]?'.$mark.self::COLON.'/iu',
            $text,
        ) === 1;
        $rest = trim((string) preg_replace('/^[^:：]*[:：]/u', '', $text), ' *_');
        $saysIt = Marks::ends($rest) && preg_match_all('/\S+/u', $rest) >= 4;
        if ($saysIt && preg_match('/^(?:'.self::WEAK.')\s*:\s+\p{Ll}/iu', $text) === 1
            && preg_match('/:\s+\p{Ll}/u', $text) === 1 && ! Directions::saysNothing($rest, $this->notes)) {
            return null;
        }

        return match (true) {
            $is($this->words->sounds) => RunKind::Music,
            $is($this->words->fields) => $rest !== '' && $this->isTitle($text) ? RunKind::Heading : RunKind::Field,
            $is($this->words->pictures) => RunKind::Picture,
            $is(self::NOUN) => RunKind::Field,
            $is($this->words->either) && ! $saysIt && trim($rest, '*_ ') !== '' => RunKind::Field,
            default => null,
        };
    }

    /** A part of the script where a sentence follows: "Voice: The lamp went out." */
    public function either(string $text): string
    {
        $mark = Marks::EMPHASIS;
        $pattern = "/^{$mark}(?:{$this->words->either})".self::ASIDE.$mark.self::COLON."{$mark}\\s*/iu";

        return preg_match($pattern, $text, $found) === 1 ? $found[0] : '';
    }

    /** Whether a word or two before a colon say what kind of statement follows, and so are no speaker. */
    public function isStatement(string $name): bool
    {
        $names = "{$this->words->statements}|{$this->words->fields}|{$this->words->pictures}|{$this->words->sounds}"
            ."|{$this->words->either}|{$this->words->parts}|{$this->words->counted}";

        return preg_match("/^(?:{$names})".self::NUMBER.'?$/iu', trim($name)) === 1;
    }

    /** What a note wants shown, without the name of its field; null where it names none. */
    public static function shown(string $field): ?string
    {
        $shown = trim((string) preg_replace('/^[^:：]{0,60}[:：]/u', '', $field), " \t*_`|\"“”[](){}");

        return preg_match('/\p{L}/u', $shown) === 1 ? $shown : null;
    }

    private function isTitle(string $text): bool
    {
        return preg_match('/^\W*(?:working |video )?(?:title|titel|titre|título|titolo|العنوان)\b/iu', $text) === 1;
    }
}
