<?php

declare(strict_types=1);

namespace App\Voicing;

use App\Gateways\Voices\Voice;
use App\Gateways\Voices\VoiceBook;
use App\Models\Scene;
use App\Models\Short;
use App\Scripts\EditBook;
use App\Scripts\ShortWriter;
use App\Shorts\ProblemForOperator;

/** Who reads a short or one of its scenes, how fast, and with what pauses. What a scene leaves open is as for its short. */
final readonly class VoiceDesk
{
    public const LONGEST_PAUSE_MS = 3_000;

    public function __construct(
        private EditBook $edits,
        private ShortWriter $writer,
        private VoiceBook $voices,
    ) {
    }

    public function setShort(Short $short, string $field, ?string $value): void
    {
        $set = match ($field) {
            'voice' => ['voice' => $this->voices->get((string) $value)->id],
            'speed' => ['speed' => $this->speed($value) ?? 100],
            'pause' => ['pause_ms' => $this->ms($value)],
            'dead_air' => ['dead_air_ms' => $this->ms($value)],
            default => throw new ProblemForOperator('That cannot be set for a short.'),
        };
        $this->change($short, "changed {$this->named($field)}", static function () use ($short, $set): void {
            $short->fill($set);
        });
    }

    public function setScene(Scene $scene, string $field, ?string $value): void
    {
        $set = match ($field) {
            'voice' => ['voice' => $value === null || $value === '' ? null : $this->voices->get($value)->id],
            'speed' => ['speed' => $this->speed($value)],
            'pause' => ['pause_ms' => $this->ms($value)],
            default => throw new ProblemForOperator('That cannot be set for a scene.'),
        };
        $this->change($scene->short, "changed {$this->named($field)} of a scene", static function () use ($scene, $set): void {
            $scene->update($set);
        });
    }

    /** Leaves one pause as it was spoken, or shortens it like the others. */
    public function spare(Scene $scene, int $afterWord, bool $spare): void
    {
        $spared = array_diff($scene->sparedPauses(), [$afterWord]);
        if ($spare) {
            $spared[] = $afterWord;
        }
        sort($spared);
        $this->change($scene->short, $spare ? 'left a pause' : 'shortened a pause', static function () use ($scene, $spared): void {
            $scene->update(['spared' => implode(',', $spared)]);
        });
    }

    /** @param  callable(): void  $change */
    private function change(Short $short, string $what, callable $change): void
    {
        $this->edits->record($short->batch, $what, [$short], function () use ($short, $change): array {
            $change();
            $this->writer->settle($short->batch, [$short]);

            return [];
        });
    }

    private function speed(?string $value): ?int
    {
        if ($value === null || $value === '') {
            return null;
        }
        $speed = (int) $value;

        return $speed >= Voice::SLOWEST && $speed <= Voice::FASTEST ? $speed : throw new ProblemForOperator(sprintf('A voice reads at %d to %d %% of its usual speed.', Voice::SLOWEST, Voice::FASTEST));
    }

    private function ms(?string $value): ?int
    {
        if ($value === null || $value === '') {
            return null;
        }

        return is_numeric($value) && $value >= 0 && $value <= self::LONGEST_PAUSE_MS ? (int) $value : throw new ProblemForOperator(sprintf('A pause is from 0 to %s ms.', number_format(self::LONGEST_PAUSE_MS)));
    }

    private function named(string $field): string
    {
        return ['voice' => 'the voice', 'speed' => 'the speed', 'pause' => 'the pause', 'dead_air' => 'the dead air'][$field];
    }
}
