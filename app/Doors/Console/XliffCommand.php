<?php

declare(strict_types=1);

namespace App\Doors\Console;

use App\Desks\Translating\TranslationDesk;
use App\Desks\Translating\VersionUpdate;
use App\Shelves\Models\Short;
use Illuminate\Console\Command;
use RapidReel\Base\Language\WrittenAs;
use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\TranslationCheck;
use RapidReel\Text\Translation\TranslationFinding;
use RapidReel\Text\Translation\TranslationTable;
use RapidReel\Text\Translation\Xliff;

/** Gives a short's sentences to a translator, and takes what comes back. */
final class XliffCommand extends Command
{
    use Answers;
    use NamesShort;

    /** Some of it came back, and not all. */
    private const IN_PART = 10;

    protected $signature = 'reel:xliff {id : number of a short, as in the address of its page}
        {--to= : the language, by its tag: de, pt-BR, ar}
        {--csv : as a table}
        {--read= : what came back, XLIFF or a table; tells what is wrong with it, as JSON}
        {--glossary= : a file with a word a line, as “foghorn = Nebelhorn”, or “Calder Ness” for one that stays}
        {--script= : where the script of what came back is written, for the intake}';

    protected $description = 'Writes the sentences of a short as XLIFF 2.1 or CSV, and checks their translation';

    public function handle(TranslationDesk $desk, VersionUpdate $update): int
    {
        return $this->guarded(function () use ($desk, $update): int {
            $short = $this->short(Short::query()->with(['batch.channel', 'scenes']));
            $to = self::written($this->option('to'));
            // Where there is a version, what it says goes along, and what comes back goes into it.
            $version = $short->versions()->where('language', WrittenAs::tag($to))->first();
            $sent = $version instanceof Short ? $update->sent($version) : $desk->of($short, $to);
            $file = self::written($this->option('read'));
            if ($file === '') {
                $this->output->write(
                    $this->option('csv') ? TranslationTable::write($sent) : Xliff::write($sent), false,
                    \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW,
                );

                return self::SUCCESS;
            }
            $glossary = self::written($this->option('glossary'));
            $checked = $version instanceof Short
                ? $update->take($version, self::contents($file))
                : TranslationCheck::of($sent, $desk->read(self::contents($file)), Glossary::of(
                    $glossary === '' ? '' : self::contents($glossary),
                ));
            $script = self::written($this->option('script'));
            if ($script !== '' && @file_put_contents($script, $desk->script($sent, $checked)) === false) {
                throw new Refusal("“{$script}” cannot be written. May this account write there?");
            }
            $this->printJson([
                'sentences' => count($sent->units), 'taken' => count($checked->taken),
                'findings' => array_map(static fn (TranslationFinding $one): array => [
                    'id' => $one->unit, 'fault' => $one->fault->value, 'taken' => isset($checked->taken[$one->unit]),
                    'said' => $one->said,
                ], $checked->findings),
            ]);

            return $checked->isWhole() ? self::SUCCESS : self::IN_PART;
        });
    }

    /** @throws Refusal */
    private static function contents(string $file): string
    {
        $text = is_file($file) ? @file_get_contents($file, length: 10_000_000) : false;

        return $text === false ? throw new Refusal("There is no file “{$file}” that can be read.") : $text;
    }
}
