<?php

declare(strict_types=1);

namespace App\Gateways\Translating;

use RapidReel\Base\Refusal;
use RapidReel\Text\Translation\Glossary;
use RapidReel\Text\Translation\Rendered;
use RapidReel\Text\Translation\Translation;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** A translator that is a program: the order as JSON on standard input, the answer as JSON on standard output. */
final readonly class CommandTranslator implements Translating
{
    /** @param  non-empty-list<string>  $command  a program with its arguments */
    public function __construct(private array $command, private int $timeout = 120)
    {
    }

    public function about(): string
    {
        return 'Translations are made by the program '.basename($this->command[0]).'.';
    }

    /** It says itself what it does not know. */
    public function knows(string $language): bool
    {
        return true;
    }

    public function translate(Translation $order, Glossary $glossary): Rendered
    {
        $said = '';
        $process = new Process(
            $this->command,
            input: json_encode(
                TranslationMessage::asking($order, $glossary), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            ),
            timeout: $this->timeout,
        );
        try {
            $process->run(static function (string $type, string $part) use (&$said, $process): void {
                $said .= $type === Process::OUT ? $part : '';
                if (strlen($said) > TranslationMessage::MOST_BYTES) {
                    $process->stop(0);
                }
            });
        } catch (ExceptionInterface) {
            throw new Refusal("The translator gave no answer within {$this->timeout} s, or was stopped.");
        }
        if (! $process->isSuccessful()) {
            $why = trim((string) strtok($process->getErrorOutput(), "\n"));
            $why = $why === '' ? "it ended with {$process->getExitCode()}" : mb_strimwidth(mb_scrub($why), 0, 200, '…');
            throw new Refusal("The translator could not do it: $why.");
        }

        return TranslationMessage::answered(json_decode($said, true), $order, 'The translator');
    }
}
