<?php

declare(strict_types=1);

namespace Tests\Support;

use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Every sentence that the application can say, gathered from where it is said: literals of PHP and of page scripts that
 * read as words, the text of templates and of their attributes. What is put in at run time stands as …
 */
final class Sentences
{
    /** Rooms of code, and the file of lang/en that each is written to. */
    private const ROOMS = [
        'src/Base' => 'core', 'src/Voice' => 'core', 'src/Pictures' => 'core', 'src/Captions' => 'core',
        'src/Text' => 'scripts', 'src/Plan' => 'plan', 'src/Making' => 'making',
        'app/Ground' => 'machine', 'app/Media' => 'machine', 'app/Gateways' => 'machine', 'app/Shelves' => 'machine',
        'app/Makers' => 'making', 'app/Desks' => 'desks', 'app/Doors/Http' => 'pages', 'app/Doors/Jobs' => 'making',
        'app/Doors/Providers' => 'machine', 'app/Doors/Console' => 'commands', 'resources/views' => 'pages',
        'resources/js' => 'pages',
    ];

    /** What holds words of languages and not sentences of ours. */
    private const WORD_LISTS = [
        'Language/Pack/', 'Rules/', 'Text/Sketch/', 'Matching/', 'Mix/MoodFinder', 'Mix/MoodWords', 'Brief/Verbs',
        'Typesetting/Joints', 'Language/Ranks', 'Language/LanguageFinder', 'Brief/Clause', 'Hook/Words',
        'Drawing/AssWriter', 'Subtitle/Ass', 'Decoding/TypefaceReader',
    ];

    /** What has letters and is for programs. */
    private const NOT_WORDS = [
        '/^\P{Ll}*$/u', '#[{}<>$|=\\\\@_]|;(?! \p{L})|::|->|^\W*[\w/.-]+/[\w/.*-]+$|^[A-Z][a-z]+-[A-Z]#u',
        '/\d[*-]|[*)]-\d|\*…|^[\p{Ll} -]{120,}$|^(X-|Content-|--)|^(ffconcat|Dialogue|Style|Comment|Format): /u',
        '/^(select|max\(|min\(|PRAGMA|Any-Latin)|\bfrom \w+ where\b/',
        '/^[.\[]\w|\.\w+ (input|a)\b|^(btn|input|button|select|…px)\b/u',
        '/^[VvPp]+$|^(Escape|Enter|Arrow\w+|Delete|Alt\+)$|^([A-Z][a-z]+Error|Location|Accept|Bearer|Authorization)$/',
        '/^(WAVE|Exif|VACUUM INTO|UTF|Windows-)\w*|^WEBVTT|\[ t\]/',
    ];

    private const INLINE = 'a|b|i|em|strong|kbd|code|span|time|br|abbr|small|sup|sub';

    private const ATTRIBUTES = 'title|placeholder|aria-label|alt|label|data-key-does|data-says|data-confirm|data-sure';

    /** @return array<string, array<string, list<string>>> by file of lang/en and by file of code */
    public static function all(string $root): array
    {
        $all = [];
        foreach (self::ROOMS as $room => $list) {
            foreach (self::filesIn("$root/$room") as $file) {
                $text = (string) file_get_contents($file);
                $said = match (true) {
                    str_ends_with($file, '.blade.php') => self::ofTemplate($text),
                    str_ends_with($file, '.php') => self::ofCode($text),
                    default => self::ofScript($text),
                };
                if ($said !== []) {
                    $all[$list][substr($file, strlen($root) + 1)] = $said;
                }
            }
        }
        ksort($all);

        return $all;
    }

    /** @return array<string, string> the files of lang/en: name to text */
    public static function files(string $root): array
    {
        $files = [];
        foreach (self::all($root) as $name => $rooms) {
            ksort($rooms);
            $text = '';
            foreach ($rooms as $file => $said) {
                $text .= "\n# $file\n".implode("\n", $said)."\n";
            }
            $files["$name.txt"] = ltrim($text);
        }

        return $files;
    }

    /** @return list<string> */
    private static function ofCode(string $text): array
    {
        $tokens = array_values(array_filter(
            PhpToken::tokenize($text), static fn (PhpToken $one): bool => ! $one->isIgnorable(),
        ));
        $said = [];
        $sentence = null;
        for ($i = 0; $i < count($tokens); $i++) {
            $one = $tokens[$i];
            if ($one->is(T_CONSTANT_ENCAPSED_STRING)) {
                $sentence .= stripcslashes(substr($one->text, 1, -1));
            } elseif ($one->is(T_ENCAPSED_AND_WHITESPACE)) {
                $sentence .= $one->text;
            } elseif ($one->is('"')) {
                continue;
            } elseif ($sentence !== null && $one->is([T_VARIABLE, T_CURLY_OPEN])) {
                // Within a text: whatever stands in it is put in.
                $sentence .= '…';
                while (isset($tokens[$i + 1]) && ! $tokens[$i + 1]->is([T_ENCAPSED_AND_WHITESPACE, '"', ';'])) {
                    $i++;
                }
            } elseif ($sentence !== null && $one->is('.')) {
                $after = self::operand($tokens, $i + 1);
                $sentence .= $after > $i + 1 ? '…' : '';
                $i = max($i, $after - 1);
            } else {
                self::keep($said, $sentence);
                $sentence = null;
            }
        }

        return $said;
    }

    /**
     * Where what is joined to a text ends; where it begins, if it is a text itself.
     *
     * @param  list<PhpToken>  $tokens
     */
    private static function operand(array $tokens, int $from): int
    {
        if ($tokens[$from]->is([T_CONSTANT_ENCAPSED_STRING, '"', '('])) {
            return $from;
        }
        $depth = 0;
        for ($i = $from; $i < count($tokens); $i++) {
            if ($depth === 0 && $tokens[$i]->is(['.', ',', ';', ')', ']', '?', ':'])) {
                break;
            }
            $depth += $tokens[$i]->is(['(', '[', '{']) ? 1 : ($tokens[$i]->is([')', ']', '}']) ? -1 : 0);
        }

        return $i;
    }

    /** @return list<string> */
    private static function ofTemplate(string $text): array
    {
        $said = [];
        $text = (string) preg_replace('/\{\{--.*?--\}\}/s', '', $text);
        preg_match_all(
            '/<\?php.*?\?>|@php\b(?!\()(.*?)@endphp|\{\{(.*?)\}\}|@[a-zA-Z]+\s*(\((?:[^()]|(?3))*\))/s', $text, $code,
        );
        foreach ($code[0] as $piece) {
            foreach (self::ofCode("<?php $piece;") as $one) {
                self::keep($said, $one);
            }
        }
        $plain = (string) preg_replace([
            '/@php\b(?!\().*?@endphp/s', '/\{\{.*?\}\}|\{!!.*?!!\}/s',
            '/@(?:js|json)(\((?:[^()]|(?1))*\))/', '/(?<=\s|>|^)@[a-zA-Z]+(?:\s*(\((?:[^()]|(?1))*\)))?/s',
        ], ['', '…', '…', '⏎'], $text);
        preg_match_all('/\s(?:'.self::ATTRIBUTES.')="([^"]*)"/', $plain, $attributes);
        $bare = (string) preg_replace(
            [
                '#<(script|style|svg)\b.*?</\1>#s', '#</?(?:'.self::INLINE.')\b(?:"[^"]*"|[^">])*>#',
                '#<(?:"[^"]*"|[^">])*>#',
            ],
            ['', '', '⏎'], $plain,
        );
        foreach ([...$attributes[1], ...explode('⏎', $bare)] as $one) {
            self::keep($said, html_entity_decode($one));
        }

        return $said;
    }

    /** @return list<string> */
    private static function ofScript(string $text): array
    {
        $said = [];
        $text = (string) preg_replace('#^\s*(//|/?\*).*$#m', '', $text);
        preg_match_all("/'((?:[^'\\\\\n]|\\\\.)*)'|`((?:[^`\\\\]|\\\\.)*)`/", $text, $found, PREG_SET_ORDER);
        foreach ($found as $one) {
            self::keep($said, (string) preg_replace('/\$\{[^}]*\}/', '…', $one[2] ?? $one[1]));
        }

        return $said;
    }

    /** @param  list<string>  $said */
    private static function keep(array &$said, ?string $one): void
    {
        $one = trim((string) preg_replace('/[\s\p{Cc}]+/u', ' ', str_replace(['\n'], ' ', $one ?? '')));
        if (self::reads($one) && ! in_array($one, $said, true)) {
            $said[] = $one;
        }
    }

    /** Whether it is for people: words with a space between them or a capital, and none of a program's marks. */
    private static function reads(string $one): bool
    {
        foreach (self::NOT_WORDS as $pattern) {
            if (preg_match($pattern, $one) === 1) {
                return false;
            }
        }

        return preg_match('/(?<!%|\d)\p{L}{2}/u', $one) === 1
            && preg_match('/^(?:[\p{Lu}“…%△]|\d).*\p{L}|\s\p{L}/u', $one) === 1;
    }

    /** @return iterable<string> */
    private static function filesIn(string $folder): iterable
    {
        $names = [];
        $within = new RecursiveDirectoryIterator($folder, RecursiveDirectoryIterator::SKIP_DOTS);
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator($within) as $file) {
            $path = $file->getPathname();
            $holds = array_filter(self::WORD_LISTS, static fn (string $one): bool => str_contains($path, $one));
            if ($holds === [] && in_array($file->getExtension(), ['php', 'js'], true)) {
                $names[] = $path;
            }
        }
        sort($names);

        return $names;
    }
}
