<?php

declare(strict_types=1);

namespace RapidReel\Plan\Review\Check;

use DOMDocument;
use RapidReel\Plan\Finding\FindingKind;
use RapidReel\Plan\Finding\Severity;

/**
 * What was found in many shorts, for programs: as JSON, or as JUnit XML, which pipelines show (one suite a short, one
 * case for each kind that is looked for).
 *
 * @phpstan-type Entry array{
 *     title: string, number: int, duration_ms: int, findings: list<array{Finding, Severity}>, problem?: string
 * }
 */
final class ReviewReport
{
    /** Nothing counts that was found. */
    public const CLEAN = 0;

    public const WARNS = 10;

    public const STOPS = 20;

    /** @param  list<Entry>  $shorts */
    public function __construct(private array $shorts)
    {
    }

    /** Exit status: the gravest of all that was found. */
    public function status(): int
    {
        return match (true) {
            $this->count(Severity::Stops) > 0 => self::STOPS,
            $this->count(Severity::Warns) > 0 => self::WARNS,
            default => self::CLEAN,
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'stops' => $this->count(Severity::Stops),
            'warns' => $this->count(Severity::Warns),
            'shorts' => array_map(static fn (array $short): array => [
                'number' => $short['number'],
                'title' => $short['title'],
                'duration_ms' => $short['duration_ms'],
                ...isset($short['problem']) ? ['problem' => $short['problem']] : [],
                'findings' => array_map(static fn (array $one): array => [
                    'key' => $one[0]->key(), 'severity' => $one[1]->value, ...$one[0]->toArray(),
                ], $short['findings']),
            ], $this->shorts),
        ];
    }

    public function junit(): string
    {
        $xml = new DOMDocument('1.0', 'UTF-8');
        $xml->formatOutput = true;
        $all = $xml->createElement('testsuites');
        $all->setAttribute('name', 'review');
        $xml->appendChild($all);
        $kinds = FindingKind::before();
        foreach ($this->shorts as $short) {
            $suite = $xml->createElement('testsuite');
            $name = sprintf('%02d %s', $short['number'], self::plain($short['title']));
            $stops = array_filter($short['findings'], static fn (array $one): bool => $one[1] === Severity::Stops);
            $failed = count(array_unique(array_map(static fn (array $one): string => $one[0]->kind->value, $stops)));
            $attributes = [
                'name' => $name, 'tests' => (string) count($kinds), 'failures' => (string) $failed,
                'errors' => isset($short['problem']) ? '1' : '0',
                'time' => number_format($short['duration_ms'] / 1000, 3, '.', ''),
            ];
            foreach ($attributes as $key => $value) {
                $suite->setAttribute($key, $value);
            }
            foreach ($kinds as $kind) {
                $case = $xml->createElement('testcase');
                $case->setAttribute('classname', $name);
                $case->setAttribute('name', $kind->value);
                foreach ($short['findings'] as [$finding, $severity]) {
                    if ($finding->kind !== $kind || $severity === Severity::Ignored) {
                        continue;
                    }
                    $told = $xml->createElement($severity === Severity::Stops ? 'failure' : 'system-out');
                    $says = sprintf('%.3f s: %s', $finding->place->startMs / 1000, self::plain($finding->message));
                    if ($severity === Severity::Stops) {
                        $told->setAttribute('type', $kind->value);
                        $told->setAttribute('message', self::plain($finding->message));
                    }
                    $told->appendChild($xml->createTextNode($says));
                    $case->appendChild($told);
                }
                $suite->appendChild($case);
            }
            if (isset($short['problem'])) {
                $case = $xml->createElement('testcase');
                $case->setAttribute('classname', $name);
                $case->setAttribute('name', 'planned');
                $error = $xml->createElement('error');
                $error->setAttribute('message', self::plain($short['problem']));
                $case->appendChild($error);
                $suite->appendChild($case);
            }
            $all->appendChild($suite);
        }

        return (string) $xml->saveXML();
    }

    private function count(Severity $severity): int
    {
        return array_sum(array_map(static fn (array $short): int => count(array_filter(
            $short['findings'], static fn (array $one): bool => $one[1] === $severity,
        )), $this->shorts));
    }

    /** Without what XML has no place for. */
    private static function plain(string $text): string
    {
        return (string) preg_replace(
            '/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text,
        );
    }
}
