<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

use App\Gateways\Voices\VoiceUnavailable;
use RapidReel\Voice\Speech\Voice;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Process;

/** A voice that is a program: text on standard input, a sound file on standard output. */
final readonly class CommandVoice
{
    /**
     * In its arguments {voice}, {language} and {speed} (percent) stand for what is wanted.
     *
     * @throws VoiceUnavailable
     */
    public function speak(OutsideSource $source, string $text, Voice $voice): OutsideSound
    {
        $wanted = [
            '{voice}' => $voice->speaker->name, '{language}' => $voice->language, '{speed}' => (string) $voice->speed,
        ];
        $bytes = '';
        $process = new Process(
            array_map(static fn (string $part): string => strtr($part, $wanted), $source->command),
            input: $text,
            timeout: $source->patience->timeout,
        );
        try {
            $process->run(static function (string $type, string $part) use (&$bytes, $process, $source): void {
                if ($type === Process::OUT) {
                    $bytes .= $part;
                    $process->clearOutput();
                }
                if (strlen($bytes) > OutsideVoices::MOST_BYTES) {
                    $process->stop(0);
                    throw VoiceUnavailable::gaveTooMuch($source->name);
                }
            });
        } catch (ProcessSignaledException) {
            throw VoiceUnavailable::failed($source->name, 'it was stopped by the machine');
        } catch (ExceptionInterface) {
            throw VoiceUnavailable::tookTooLong($source->name, $source->patience->timeout);
        }
        if (! $process->isSuccessful()) {
            $why = trim((string) strtok($process->getErrorOutput(), "\n"));
            $why = $why === '' ? "it ended with {$process->getExitCode()}" : $why;
            throw VoiceUnavailable::failed($source->name, $why);
        }

        return new OutsideSound($bytes);
    }
}
