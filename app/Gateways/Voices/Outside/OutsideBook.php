<?php

declare(strict_types=1);

namespace App\Gateways\Voices\Outside;

use App\Gateways\Voices\VoiceUnavailable;
use Illuminate\Support\Facades\Validator;
use RapidReel\Voice\Speech\Speaker;
use RapidReel\Voice\Speech\Voice;
use RapidReel\Voice\Speech\VoiceEngine;

/**
 * The file that names the voices of other makers, as JSON: {"commands": […], "services": […]}. See docs/voices.md.
 */
final readonly class OutsideBook
{
    private const TOGETHER = [
        'id' => ['required', 'string', 'regex:/^[a-z0-9-]{1,30}$/'],
        'name' => ['string', 'max:60'],
        'timeout' => ['integer', 'between:1,600'],
        'retries' => ['integer', 'between:0,5'],
        'one_at_a_time' => ['boolean'],
    ];

    private const VOICES = [
        'voices' => ['array', 'max:200'],
        'voices.*.id' => ['required', 'string', 'regex:/^[A-Za-z0-9_.-]{1,60}$/'],
        'voices.*.name' => ['string', 'max:60'],
        'voices.*.language' => ['required', 'string', 'regex:/^[A-Za-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/'],
        'voices.*.accent' => ['string', 'max:40'],
        'voices.*.register' => ['string', 'in:low,middle,high'],
        'voices.*.words_per_minute' => ['integer', 'between:60,400'],
    ];

    public function __construct(private string $file)
    {
    }

    /**
     * @return list<OutsideSource>
     *
     * @throws VoiceUnavailable when the file is there and cannot be read
     */
    public function sources(): array
    {
        if (! is_file($this->file)) {
            return [];
        }
        $data = json_decode((string) file_get_contents($this->file), true);
        if (! is_array($data)) {
            throw VoiceUnavailable::badFile($this->file, 'it is not JSON');
        }
        $sources = [];
        foreach (['commands', 'services'] as $kind) {
            foreach (array_values((array) ($data[$kind] ?? [])) as $number => $row) {
                $sources[] = $this->source((array) $row, "$kind, number ".($number + 1));
            }
        }

        return $sources;
    }

    /**
     * Voices as a source tells them.
     *
     * @param  array<array-key, mixed>  $rows
     * @return list<Voice>
     *
     * @throws VoiceUnavailable when they are not told as they should be
     */
    public static function voices(OutsideSource $source, array $rows): array
    {
        $checked = Validator::make(['voices' => array_values($rows)], self::VOICES);
        if ($checked->fails()) {
            throw VoiceUnavailable::saysNonsense($source->name, $checked->errors()->first());
        }

        return array_map(static fn (mixed $row): Voice => self::voice($source, (array) $row), array_values($rows));
    }

    /** @param  array<array-key, mixed>  $row */
    private static function voice(OutsideSource $source, array $row): Voice
    {
        $text = static fn (string $key, string $else): string => is_string($row[$key] ?? null) ? $row[$key] : $else;
        $rate = $row['words_per_minute'] ?? null;

        return new Voice(
            $source->id.'.'.$text('id', ''),
            $text('name', $text('id', '')),
            $text('language', 'en'),
            $text('accent', $source->name),
            $text('register', 'middle'),
            new Speaker($text('id', ''), 50, is_int($rate) ? $rate : 160),
            $source->url === '' ? VoiceEngine::Command : VoiceEngine::Service,
        );
    }

    /**
     * @param  array<array-key, mixed>  $row
     *
     * @throws VoiceUnavailable
     */
    private function source(array $row, string $where): OutsideSource
    {
        $checked = Validator::make($row, [
            ...self::TOGETHER,
            ...self::VOICES,
            'command' => ['required_without:url', 'array', 'min:1'],
            'command.*' => ['required', 'string'],
            'url' => ['required_without:command', 'string', 'url:http,https'],
            'headers' => ['array'],
            'headers.*' => ['string'],
        ]);
        if ($checked->fails()) {
            throw VoiceUnavailable::badFile($this->file, "$where: ".$checked->errors()->first());
        }
        $text = static fn (string $key, string $else): string => is_string($row[$key] ?? null) ? $row[$key] : $else;
        $whole = static fn (string $key, int $else): int => is_int($row[$key] ?? null) ? $row[$key] : $else;
        /** @var list<string> $command */
        $command = array_values((array) ($row['command'] ?? []));
        /** @var array<string, string> $headers */
        $headers = (array) ($row['headers'] ?? []);
        /** @var list<array<string, mixed>> $voices */
        $voices = array_values((array) ($row['voices'] ?? []));

        return new OutsideSource(
            $text('id', ''),
            $text('name', $text('id', '')),
            $command,
            rtrim($text('url', ''), '/'),
            $headers,
            new Patience(
                $whole('timeout', 60), $whole('retries', 2), ($row['one_at_a_time'] ?? false) === true,
            ),
            $voices,
        );
    }
}
