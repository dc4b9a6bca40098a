<?php

declare(strict_types=1);

namespace App\Desks\Intake;

use RapidReel\Base\Refusal;
use RapidReel\Plan\Source\ScriptSource;
use RapidReel\Text\Arrival\Articles;
use RapidReel\Text\Cleanup\ScriptReader;
use RapidReel\Text\Script\Script;
use RapidReel\Text\Script\UnusableScript;

/** Changes a text of several scripts the way that the operator would with the pen: the text stays the one truth. */
final readonly class IntakeText
{
    public function __construct(
        private ScriptFiles $files,
        private ScriptReader $reader,
    ) {
    }

    /**
     * Has a note of a script spoken.
     *
     * @throws Refusal
     */
    public function saying(string $text, int $script, int $line, int $run): string
    {
        return $this->changed($text, $script, static fn (Script $read): array => [
            $read->saying($line, $run) ?? throw new Refusal('That note is no longer there.'),
        ]);
    }

    /**
     * Keeps some of the articles that stand in one script, each as a script of its own.
     *
     * @param  list<int>  $articles  by their places, from 0
     *
     * @throws Refusal
     */
    public function keeping(string $text, int $script, array $articles): string
    {
        return $this->changed($text, $script, static function (Script $read) use ($articles): array {
            $all = Articles::in($read);
            $kept = array_intersect_key($all, array_flip($articles));

            return $kept === []
                ? throw new Refusal('Choose at least one of the articles.')
                : array_map(static fn ($article): string => Articles::text($read, $article), array_values($kept));
        });
    }

    /**
     * @param  callable(Script): non-empty-list<string>  $change  gives the texts that stand in place of it
     *
     * @throws Refusal
     * @throws UnusableScript
     */
    private function changed(string $text, int $script, callable $change): string
    {
        $sources = $this->files->fromText($text);
        $source = $sources[$script] ?? throw new Refusal('That script is no longer there.');
        $texts = $change($this->reader->read($source->text, $source->title));
        // What was written along with it goes with the first.
        $changed = [
            $source->saying($texts[0]),
            ...array_map(static fn (string $one): ScriptSource => new ScriptSource($one), array_slice($texts, 1)),
        ];
        array_splice($sources, $script, 1, $changed);

        return ScriptFiles::toText(...$sources);
    }
}
