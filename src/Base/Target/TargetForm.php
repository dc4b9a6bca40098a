<?php

declare(strict_types=1);

namespace RapidReel\Base\Target;

use RapidReel\Base\FrameShape;
use RapidReel\Base\Refusal;
use RapidReel\Base\SafeArea;

/** A target as an operator types it: in seconds, percent and megabytes, with what is wrong told in these. */
final readonly class TargetForm
{
    /** An outlet leaves at least so much of a frame alone, across and down; captions have to stand somewhere. */
    private const LEAST_ROOM = 0.3;

    /** @param  array<string, string>  $written  by field, as `fields()` names them */
    public function __construct(private array $written)
    {
    }

    /**
     * @param  string  $id  that it is to have
     *
     * @throws Refusal that says what is wrong
     */
    public function target(string $id): Target
    {
        $label = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($this->written['name'] ?? '')));
        if ($label === '' || mb_strlen($label) > 60) {
            throw new Refusal('A target needs a name of at most 60 letters.');
        }
        // Several are written as a list of their names.
        if (preg_match('/[,;|]/', $label) === 1) {
            throw new Refusal('The name of a target has no commas, semicolons or bars in it.');
        }

        return new Target(
            $id, $label, $this->picture(), $this->length(),
            new TargetSound(
                $this->number('loudness', 'The loudness', TargetSound::QUIETEST, TargetSound::LOUDEST, 'LUFS'),
                $this->number('true_peak', 'The true peak', -9, 0, 'dBTP'),
            ),
            new TargetFile($this->isEmpty('most_mb') ? null : (int) round(
                1_000_000 * $this->number('most_mb', 'The largest file', 0.5, 256_000, 'MB'),
            )),
            new TargetTexts(
                $this->whole('title_most', 'A title', 1, 10_000, 'characters'),
                $this->whole('description_most', 'A description', 0, 100_000, 'characters'),
                $this->whole('tags_most', 'The number of tags', 0, 500, ''),
                $this->whole('tag_most', 'A tag', 1, 1_000, 'characters'),
                $this->cover(),
            ),
        );
    }

    /** @return array<string, string> a target as it is typed, by field */
    public static function fields(Target $target): array
    {
        $seconds = static fn (?int $ms): string => $ms === null ? '' : self::plain($ms / 1000);
        $safe = $target->picture->safe ?? ($target->picture->shape ?? FrameShape::Upright)->safeArea();

        return [
            'name' => $target->label,
            'shape' => $target->picture->shape->value ?? '',
            'side' => (string) $target->picture->side,
            'fps' => (string) $target->picture->fps,
            'shortest' => $seconds($target->length->shortestMs),
            'longest' => $seconds($target->length->longestMs),
            'hook' => $seconds($target->length->hookWindowMs),
            'loudness' => self::plain($target->sound->loudness),
            'true_peak' => self::plain($target->sound->truePeak),
            'most_mb' => $target->file->most === null ? '' : self::plain($target->file->most / 1_000_000),
            'title_most' => (string) $target->texts->title,
            'description_most' => (string) $target->texts->description,
            'tags_most' => (string) $target->texts->tags,
            'tag_most' => (string) $target->texts->tag,
            'cover' => $target->texts->cover === null ? '' : implode('x', $target->texts->cover),
            ...array_combine(
                ['safe_top', 'safe_right', 'safe_bottom', 'safe_left'],
                array_map(static fn (float $part): string => self::plain(100 * $part), array_values($safe->toArray())),
            ),
        ];
    }

    /** @throws Refusal */
    private function picture(): TargetPicture
    {
        $written = $this->written['shape'] ?? '';
        $shape = $written === '' ? null : FrameShape::named($written)
            ?? throw new Refusal('A frame is 9:16, 4:5, 1:1 or 16:9, or of the shape that is set for a short.');
        $side = $this->whole(
            'side', 'The shorter side', TargetPicture::LEAST_SIDE, TargetPicture::MOST_SIDE, 'pixels',
        );
        if ($side % 2 === 1) {
            throw new Refusal("The sides of a video are even numbers of pixels; $side is odd.");
        }
        $fps = $this->whole('fps', 'The rate', 1, 1_000, 'frames a second');
        if (! in_array($fps, TargetPicture::RATES, true)) {
            throw new Refusal(sprintf(
                'A video has %s frames a second; %d is none of these.', implode(', ', TargetPicture::RATES), $fps,
            ));
        }

        return new TargetPicture($shape, $side, $fps, $this->safe($shape ?? FrameShape::Upright));
    }

    /**
     * @return SafeArea|null null for the usual of its shape
     *
     * @throws Refusal
     */
    private function safe(FrameShape $shape): ?SafeArea
    {
        $edges = [];
        foreach (['top', 'right', 'bottom', 'left'] as $edge) {
            $edges[] = $this->isEmpty("safe_$edge")
                ? $shape->safeArea()->toArray()[$edge]
                : $this->number("safe_$edge", 'What is covered at an edge', 0, 100, '%') / 100;
        }
        [$top, $right, $bottom, $left] = $edges;
        $safe = new SafeArea(round($top, 4), round($right, 4), round($bottom, 4), round($left, 4));
        if (1 - $top - $bottom < self::LEAST_ROOM || $safe->centredWidth() < self::LEAST_ROOM) {
            throw new Refusal(
                'The safe area leaves no room for captions: at least 30 % of the frame stays free, across and down.',
            );
        }

        return $safe->toArray() === $shape->safeArea()->toArray() ? null : $safe;
    }

    /** @throws Refusal */
    private function length(): TargetLength
    {
        $ms = fn (string $field, string $what, float $least): int => (int) round(
            1000 * $this->number($field, $what, $least, TargetLength::MOST_MS / 1000, 's'),
        );
        $shortest = $ms('shortest', 'The shortest', 0);
        $longest = $this->isEmpty('longest') ? null : $ms('longest', 'The longest', 1);
        if ($longest !== null && $longest < $shortest) {
            throw new Refusal(sprintf(
                'The shortest is %s s and the longest %s s: nothing is both.', self::plain($shortest / 1000),
                self::plain($longest / 1000),
            ));
        }

        return new TargetLength(
            $shortest, $longest, (int) round(1000 * $this->number('hook', 'The hook', 0.5, 60, 's')),
        );
    }

    /**
     * @return array{int, int}|null
     *
     * @throws Refusal
     */
    private function cover(): ?array
    {
        if ($this->isEmpty('cover')) {
            return null;
        }
        if (preg_match('/^\s*(\d{2,4})\s*[x×]\s*(\d{2,4})\s*$/u', $this->written['cover'] ?? '', $size) !== 1
            || min((int) $size[1], (int) $size[2]) < 100) {
            throw new Refusal('The size of a cover is two numbers of pixels such as 1080 x 1920.');
        }

        return [(int) $size[1], (int) $size[2]];
    }

    private function isEmpty(string $field): bool
    {
        return trim($this->written[$field] ?? '') === '';
    }

    /** @throws Refusal */
    private function whole(string $field, string $what, int $least, int $most, string $unit): int
    {
        $number = $this->number($field, $what, $least, $most, $unit);

        return floor($number) === $number
            ? (int) $number
            : throw new Refusal(rtrim("$what is a whole number of $unit").'.');
    }

    /** @throws Refusal */
    private function number(string $field, string $what, float $least, float $most, string $unit): float
    {
        $written = str_replace([',', '−', ' '], ['.', '-', ''], trim($this->written[$field] ?? ''));
        $number = is_numeric($written) && strlen($written) <= 20 ? (float) $written : null;
        if ($number === null || $number < $least || $number > $most) {
            throw new Refusal(sprintf(
                '%s is %s; it may be from %s to %s.', $what,
                $written === '' ? 'missing' : '“'.mb_strimwidth($written, 0, 20, '…').'”', self::plain($least),
                trim(self::plain($most).' '.$unit),
            ));
        }

        return $number;
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}
