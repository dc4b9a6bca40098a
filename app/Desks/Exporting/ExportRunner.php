<?php

declare(strict_types=1);

namespace App\Desks\Exporting;

use App\Ground\Database\Busy;
use App\Ground\Work\DiskRoom;
use App\Ground\Work\GivingWay;
use App\Ground\Work\HandedBack;
use App\Ground\Work\Orders;
use App\Makers\Planning\ShortShelves;
use App\Media\Probing\NotAsPlanned;
use App\Media\Process\Cancelled;
use App\Media\Process\Failure;
use App\Media\Process\ToolFailed;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;
use App\Shelves\Models\Export;
use App\Shelves\Models\ExportState;
use Illuminate\Support\Facades\DB;
use RapidReel\Base\Refusal;
use RapidReel\Making\Publish\Manifest;
use RapidReel\Making\Render\Quality;
use Throwable;

/** Makes an ordered export, and writes down how it comes along and how it ends. */
final readonly class ExportRunner
{
    public function __construct(
        private ShortShelves $shelves,
        private PlannedExports $plans,
        private Exporter $exporter,
        private MediaStore $store,
        private DiskRoom $room,
        private GivingWay $way,
        private Orders $orders,
        private ExportNames $names,
    ) {
    }

    /**
     * @throws HandedBack
     * @throws StrangePlace
     */
    public function run(Export $export): void
    {
        $claim = ExportClaim::take($export);
        if ($claim === null) {
            return;
        }
        $this->store->sweep();
        try {
            $claim->isHopeless()
                ? $claim->finish(fn (): array => self::failed('The worker was stopped several times while it made this '
                    .'and got nowhere. Export again.'))
                : $this->make($claim);
        } catch (TakenOver) {
            // Whoever has it by now tells how it ends.
        } catch (Cancelled) {
            $this->end($claim, ['state' => ExportState::Cancelled]);
        } catch (HandedBack $back) {
            $claim->handBack(match (true) {
                $back->isForRoom => 'waiting for room on the disk',
                $back->isForOthers => 'others come in between',
                default => '',
            });

            throw $back;
        } catch (Refusal $problem) {
            $this->end($claim, self::failed($problem->getMessage()));
        } catch (Throwable $problem) {
            if (Busy::isNamed($problem)) {
                throw $problem;
            }
            if ($this->isForRoom($problem)) {
                $claim->handBack('waiting for room on the disk');

                throw HandedBack::forRoom();
            }
            // The same script on the same machine fails again: the operator decides, not the queue.
            report($problem);
            $this->end($claim, self::failed($problem instanceof ToolFailed
                ? $problem->getMessage()
                : 'Something went wrong in the program while it was made. The log says what; export again.'));
        }
    }

    private function isForRoom(Throwable $problem): bool
    {
        return ($problem instanceof ToolFailed && $problem->failure === Failure::NoRoom) ||
            $this->room->isToBlame($problem);
    }

    /**
     * @throws NotAsPlanned
     * @throws Cancelled
     * @throws ToolFailed
     * @throws Refusal
     * @throws HandedBack
     */
    private function make(ExportClaim $claim): void
    {
        $watcher = new ExportWatcher($claim);
        $export = $claim->export;
        $shelf = $this->shelves->of($export->short);
        [$plan, $inputs] = $this->plans->of($export, $shelf, $watcher);
        [$cut, $summary] = [$plan->cut, $plan->summary];
        $this->exporter->export(
            $cut,
            $shelf,
            $export->quality,
            $this->names->of($export, $cut->form->target->label),
            $watcher,
            fn (string $folder, ExportedFiles $files) => $claim->finish(function () use (
                $folder, $files, $claim, $cut, $summary, $inputs,
            ): array {
                // Within the transaction: files of a worker that lost its claim never appear.
                $this->store->publish($folder, $this->store->path($claim->export->folder()));
                DB::table('export_parts')->updateOrInsert(
                    ['export_id' => $claim->export->id], ['keys' => implode(' ', $files->parts)],
                );
                if ($claim->export->quality === Quality::Final) {
                    $this->orders->lookThrough($claim->export->id);
                }

                return [
                    'state' => ExportState::Done,
                    'percent' => 100,
                    'name' => $files->name,
                    'bytes' => $files->bytes,
                    'inputs' => $inputs,
                    'pixels' => $summary->hashes->pixels,
                    'sound' => $summary->hashes->sound,
                    'seals' => json_encode($files->seals, JSON_THROW_ON_ERROR),
                    'listing' => json_encode(Manifest::row($files->name, $cut), JSON_THROW_ON_ERROR),
                    'duration_ms' => $cut->durationMs,
                    'segments_made' => $files->segmentsMade,
                    'segments_kept' => $files->segmentsKept,
                ];
            }),
            $this->way,
        );
    }

    public function fail(Export $export, string $why): void
    {
        Export::query()
            ->whereKey($export->id)
            ->whereIn('state', [ExportState::Queued, ExportState::Running, ExportState::Cancelling])
            ->update([...self::failed($why), 'doing' => '', 'seconds_left' => null, 'finished_at' => now()]);
    }

    /** @param  array<string, mixed>  $values */
    private function end(ExportClaim $claim, array $values): void
    {
        try {
            $claim->finish(static fn (): array => $values);
        } catch (TakenOver) {
            // It is another's to end.
        }
    }

    /** @return array<string, mixed> */
    private static function failed(string $why): array
    {
        return ['state' => ExportState::Failed, 'problem' => mb_strimwidth($why, 0, 1000, '…')];
    }
}
