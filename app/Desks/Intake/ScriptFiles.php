<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use Closure;
use FilesystemIterator;
use RapidReel\Base\PlainText;
use RapidReel\Base\Refusal;
use RapidReel\Plan\Source\FrontMatter;
use RapidReel\Plan\Source\ScriptParts;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Arrival\SubtitleText;
use RapidReel\Text\Arrival\TextEncoding;
use RapidReel\Text\Script\UnusableScript;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Reads scripts out of what the operator brings: pasted text, files of text, tables and subtitles, folders and ZIPs of
 * them.
 */
final readonly class ScriptFiles
{
    private const EXTENSIONS = ['txt', 'text', 'md', 'markdown', 'csv', 'tsv', 'srt', 'vtt'];

    /**
     * @param  int  $mostBytes  of a file, or of all files of a ZIP together
     * @param  int  $mostScripts  of a table
     */
    public function __construct(
        private CsvScripts $tables,
        private int $mostBytes = 2 * 1024 * 1024,
        private int $mostScripts = 500,
    ) {
    }

    /**
     * Scripts in one text, parted by a line of three or more hyphens. Front matter may stand between two such lines,
     * and what says nothing stays with the script beside it.
     *
     * @return list<ScriptSource>
     */
    public function fromText(string $text): array
    {
        $text = PlainText::of((string) preg_replace('/\R/u', "\n", mb_scrub($text)));
        if (SubtitleText::isOne($text)) {
            $text = SubtitleText::script($text);
        }

        return array_map(
            static fn (array $part): ScriptSource => $part['head'] === '' || $part['text'] === ''
                ? FrontMatter::read($part['text'])
                : FrontMatter::read("{$part['head']}\n\n{$part['text']}"),
            ScriptParts::of($text),
        );
    }

    /** The text that gives these scripts again. */
    public static function toText(ScriptSource ...$sources): string
    {
        return implode(
            "\n\n---\n\n",
            array_map(static fn (ScriptSource $source): string => $source->asText(), $sources),
        );
    }

    /**
     * @param  string  $name  the file's own name, which tells its kind
     * @param  Closure(string): void|null  $tell  told in a sentence of every file of a ZIP that is left out
     * @return non-empty-list<ScriptSource>
     *
     * @throws UnusableScript
     * @throws Refusal
     */
    public function fromFile(string $contents, string $name, ?Closure $tell = null): array
    {
        $extension = strtolower(pathinfo($name, PATHINFO_EXTENSION));
        if ($extension === 'zip') {
            return $this->together(
                ZipTexts::read($contents, $name, $this->isScript(...), $this->mostBytes, $tell),
                $name,
                $tell,
            );
        }
        $text = in_array($extension, self::EXTENSIONS, true) ? TextEncoding::toUtf8($contents) : null;
        if ($text === null) {
            throw UnusableScript::isNotText($name);
        }
        $text = PlainText::of($text);
        $sources = match ($extension) {
            'csv', 'tsv' => $this->tables->read($text, $name, $this->mostScripts),
            'srt', 'vtt' => [new ScriptSource(SubtitleText::script($text), self::titleOf($name))],
            default => $this->fromText($text),
        };
        if ($sources === [] || $sources[0]->text === '') {
            throw UnusableScript::isEmptyFile($name);
        }

        return $sources;
    }

    /**
     * @param  string  $path  a file, or a folder whose script files are taken in the order of their names
     * @param  Closure(string): void|null  $tell  told in a sentence of every file that is left out
     * @return non-empty-list<ScriptSource>
     *
     * @throws Refusal
     * @throws UnusableScript
     */
    public function fromPath(string $path, ?Closure $tell = null): array
    {
        if (is_file($path)) {
            $this->refuseTooMuch((int) filesize($path), basename($path));

            return $this->fromFile((string) file_get_contents($path), basename($path), $tell);
        }
        if (! is_dir($path)) {
            throw new Refusal("There is no file or folder $path.");
        }
        $files = [];
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($path, FilesystemIterator::SKIP_DOTS)) as $file
        ) {
            $below = substr($file->getPathname(), strlen(rtrim($path, '/')) + 1);
            if ($file->isFile() && $this->isScript($below)) {
                $files[] = $below;
            }
        }
        sort($files, SORT_NATURAL | SORT_FLAG_CASE);
        $texts = [];
        foreach ($files as $file) {
            $this->refuseTooMuch((int) filesize("$path/$file"), $file);
            $texts[$file] = (string) file_get_contents("$path/$file");
        }

        return $this->together($texts, basename($path), $tell);
    }

    /**
     * Scripts of many files. One that cannot be used leaves the others in; if none can, its reason is the reason.
     *
     * @param  array<string, string>  $texts  by name
     * @param  string  $name  of what they were in
     * @param  Closure(string): void|null  $tell
     * @return non-empty-list<ScriptSource>
     *
     * @throws UnusableScript
     * @throws Refusal
     */
    private function together(array $texts, string $name, ?Closure $tell): array
    {
        $sources = [];
        $problem = null;
        foreach ($texts as $file => $text) {
            try {
                array_push($sources, ...$this->fromFile($text, basename((string) $file)));
            } catch (UnusableScript $one) {
                $problem ??= $one;
                $tell === null || $tell("Left out: {$one->getMessage()}");
            }
        }

        return $sources === [] ? throw $problem ?? UnusableScript::holdsNoScripts($name) : $sources;
    }

    /** Whether a path inside a folder is that of a script; files that systems leave behind are not. */
    private function isScript(string $path): bool
    {
        return preg_match('#(?:^|/)(?:\.|__MACOSX/)#', $path) !== 1
            && in_array(strtolower(pathinfo($path, PATHINFO_EXTENSION)), self::EXTENSIONS, true);
    }

    /** @throws UnusableScript */
    private function refuseTooMuch(int $bytes, string $name): void
    {
        if ($bytes > $this->mostBytes) {
            throw UnusableScript::isTooLargeUnpacked($name, intdiv($this->mostBytes, 1024 * 1024));
        }
    }

    private static function titleOf(string $name): string
    {
        return ucfirst(
            trim(
                (string) preg_replace(
                    ['/\.(?:[a-z]{2}|[a-z]{2}-[a-z]{2})$/i', '/^\d+[\s._-]+/', '/[_-]+/'],
                    ['', '', ' '],
                    pathinfo($name, PATHINFO_FILENAME),
                ),
            ),
        );
    }
}
