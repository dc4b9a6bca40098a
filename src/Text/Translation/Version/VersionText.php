<?php

declare(strict_types=1);

namespace RapidReel\Text\Translation\Version;

use RapidReel\Base\Values;

/** What a version is of the short that it is a version of: sentence by sentence, and what it took over of it. */
final readonly class VersionText
{
    /**
     * @param  list<VersionLine>  $lines
     * @param  Values  $followed  what was set for the other when it was last taken over
     */
    public function __construct(
        public array $lines = [],
        public Pair $title = new Pair('', ''),
        public Values $followed = new Values,
    ) {
    }

    /** @param  list<VersionLine>  $lines */
    public function with(array $lines, ?Pair $title = null): self
    {
        return new self($lines, $title ?? $this->title, $this->followed);
    }

    public function following(Values $settings): self
    {
        return new self($this->lines, $this->title, $settings);
    }

    /** The scene of a version that is of another. */
    public function lineOf(int $source): ?VersionLine
    {
        foreach ($this->lines as $line) {
            if ($line->of === $source) {
                return $line;
            }
        }

        return null;
    }

    /** What a scene of the version is of. */
    public function lineAt(int $scene): ?VersionLine
    {
        foreach ($this->lines as $line) {
            if ($line->scene === $scene) {
                return $line;
            }
        }

        return null;
    }

    public function toJson(): string
    {
        $pair = static fn (Pair $pair): array => [$pair->source, $pair->target, $pair->told, $pair->isOpen];

        return json_encode([
            'title' => $pair($this->title),
            'lines' => array_map(static fn (VersionLine $line): array => [
                'scene' => $line->scene, 'of' => $line->of, 'pairs' => array_map($pair, $line->pairs),
                'followed' => $line->followed,
            ], $this->lines),
            'followed' => (object) $this->followed->own,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /** Of what is none nothing is known. */
    public static function fromJson(string $json): self
    {
        $data = json_decode($json, true);
        $data = is_array($data) ? $data : [];
        $lines = [];
        foreach (is_array($data['lines'] ?? null) ? $data['lines'] : [] as $line) {
            if (is_array($line) && is_int($line['scene'] ?? null) && is_int($line['of'] ?? null)) {
                $pairs = is_array($line['pairs'] ?? null) ? $line['pairs'] : [];
                $followed = $line['followed'] ?? '';
                $lines[] = new VersionLine(
                    $line['scene'], $line['of'], array_map(self::pair(...), array_values($pairs)),
                    is_string($followed) ? $followed : '',
                );
            }
        }
        $followed = array_filter(
            is_array($data['followed'] ?? null) ? $data['followed'] : [],
            static fn (mixed $value): bool => is_int($value) || is_float($value) || is_string($value),
        );

        /** @var array<string, int|float|string> $followed */
        return new self($lines, self::pair($data['title'] ?? null), new Values($followed));
    }

    private static function pair(mixed $data): Pair
    {
        $data = is_array($data) ? $data : [];
        [$source, $target, $told] = array_map(
            static fn (int $i): string => is_string($data[$i] ?? null) ? $data[$i] : '', [0, 1, 2],
        );

        return new Pair($source, $target, $told, ($data[3] ?? false) === true);
    }
}
