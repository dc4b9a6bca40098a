<?php

declare(strict_types=1);

namespace App\Media\Probing;

use App\Media\Decoding\Decoder;
use App\Media\Decoding\Task;
use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Process\TooMuch;
use App\Media\Process\TooSlow;
use RapidReel\Base\Refusal;

/**
 * What a file says of itself in words: tags of its container and picture as ffprobe tells them, and what is written at
 * the begin of a picture.
 */
final readonly class FileMarks
{
    public function __construct(
        private MediaTools $tools,
        private Decoder $decoder,
    ) {
    }

    /**
     * @param  string  $path  of a file that was probed before
     * @return list<array{string, string}> name of the field and what it holds
     *
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     * @throws Refusal
     */
    public function of(string $path, bool $isStill): array
    {
        return $isStill
            ? [...$this->told($path, true), ...$this->written($path)]
            : $this->told($path, false);
    }

    /**
     * @return list<array{string, string}>
     *
     * @throws TooMuch
     * @throws TooSlow
     * @throws ToolFailed
     */
    private function told(string $path, bool $isStill): array
    {
        $entries = 'format_tags:stream_tags'.($isStill ? ':frame_tags' : '');
        $data = json_decode($this->tools->probe([
            '-v', 'error', ...$isStill ? ['-read_intervals', '%+#1'] : [], '-show_entries', $entries, '-of', 'json',
            ...$this->tools->input($path),
        ])->getOutput(), true);
        $said = [];
        foreach (is_array($data) ? $data : [] as $part) {
            foreach (isset($part['tags']) ? [$part] : (is_array($part) ? $part : []) as $one) {
                foreach (is_array($one) && is_array($one['tags'] ?? null) ? $one['tags'] : [] as $field => $value) {
                    if (is_string($value)) {
                        $said[] = [(string) $field, $value];
                    }
                }
            }
        }

        return $said;
    }

    /**
     * @return list<array{string, string}>
     *
     * @throws Refusal
     */
    private function written(string $path): array
    {
        /** @var list<array{string, string}> $words */
        $words = $this->decoder->ask(Task::Head, 'the picture', $path)['words'] ?? [];

        return $words;
    }
}
