<?php

declare(strict_types=1);

namespace App\Intake;

use App\Shorts\ProblemForOperator;
use RapidReel\Script\UnusableScript;

/** Reads scripts out of what the operator brings: pasted text, text files, CSV files, folders of them. */
final class ScriptFiles
{
    private const EXTENSIONS = ['txt', 'md', 'csv'];

    /**
     * Scripts in one text, parted by a line of three or more hyphens.
     *
     * @return list<ScriptSource>
     */
    public function fromText(string $text): array
    {
        $parts = preg_split('/^[ \t]*-{3,}[ \t]*$/m', (string) preg_replace('/\R/u', "\n", mb_scrub($text)));

        return array_values(array_map(
            static fn (string $part): ScriptSource => new ScriptSource(trim($part)),
            array_filter($parts === false ? [] : $parts, static fn (string $part): bool => trim($part) !== ''),
        ));
    }

    /**
     * @param  string  $name  the file's own name, which tells its kind
     * @return non-empty-list<ScriptSource>
     *
     * @throws UnusableScript
     */
    public function fromFile(string $contents, string $name): array
    {
        $extension = strtolower(pathinfo($name, PATHINFO_EXTENSION));
        $text = str_starts_with($contents, "\xEF\xBB\xBF") ? substr($contents, 3) : $contents;
        if (! in_array($extension, self::EXTENSIONS, true) || ! mb_check_encoding($text, 'UTF-8') || str_contains($text, "\0")) {
            throw UnusableScript::isNotText($name);
        }
        $sources = $extension === 'csv' ? $this->fromCsv($text, $name) : $this->fromText($text);
        if ($sources === []) {
            throw UnusableScript::isEmpty();
        }

        return $sources;
    }

    /**
     * @param  string  $path  a file, or a folder whose script files are taken in the order of their names
     * @return non-empty-list<ScriptSource>
     */
    public function fromPath(string $path): array
    {
        if (is_file($path)) {
            return $this->fromFile((string) file_get_contents($path), basename($path));
        }
        if (! is_dir($path)) {
            throw new ProblemForOperator("There is no file or folder $path.");
        }
        $sources = [];
        $files = array_filter((array) scandir($path), static fn (string|false $file): bool => is_string($file) && in_array(strtolower(pathinfo($file, PATHINFO_EXTENSION)), self::EXTENSIONS, true));
        natsort($files);
        foreach ($files as $file) {
            $sources = [...$sources, ...$this->fromFile((string) file_get_contents("$path/$file"), (string) $file)];
        }
        if ($sources === []) {
            throw new ProblemForOperator("$path holds no .txt, .md or .csv file.");
        }

        return $sources;
    }

    /**
     * @return list<ScriptSource>
     */
    private function fromCsv(string $text, string $name): array
    {
        $stream = fopen('php://temp', 'w+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        $first = strtok($text, "\n") ?: '';
        $separator = array_reduce([',', ';', "\t"], static fn (string $best, string $one): string => substr_count($first, $one) > substr_count($first, $best) ? $one : $best, ',');
        $header = array_map(static fn (?string $cell): string => mb_strtolower(trim((string) $cell)), fgetcsv($stream, null, $separator, '"', '') ?: []);
        if (! in_array('script', $header, true)) {
            fclose($stream);

            throw UnusableScript::csvWithoutScripts($name);
        }
        $sources = [];
        while (($row = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $cells = array_combine($header, array_slice(array_pad(array_map(strval(...), $row), count($header), ''), 0, count($header)));
            $script = trim(implode("\n\n", array_filter([trim($cells['hook'] ?? ''), trim($cells['script']), trim($cells['close'] ?? '')])));
            if ($script !== '') {
                $sources[] = new ScriptSource($script, trim($cells['title'] ?? ''));
            }
        }
        fclose($stream);

        return $sources;
    }
}
