<?php

declare(strict_types=1);

namespace App\Doors\Jobs;

use App\Ground\Work\DiskAct;
use App\Ground\Work\Orders;
use App\Makers\Proofs\ProofDesk;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/** Work is done by the queue's workers. */
final class QueuedOrders implements Orders
{
    public function planShort(int $shortId): void
    {
        PlanShort::dispatch($shortId, ProofDesk::isLooked($shortId));
    }

    public function planShorts(array $shorts): void
    {
        $looked = ProofDesk::looked($shorts);
        foreach ([[Lane::Looks, $looked], [Lane::Plans, array_diff($shorts, $looked)]] as [$lane, $some]) {
            $jobs = array_map(
                static fn (int $id): PlanShort => new PlanShort($id, $lane === Lane::Looks), array_values($some),
            );
            $jobs === [] || Queue::bulk($jobs, queue: $lane->value);
        }
    }

    public function makeProof(int $shortId, bool $isLooked = false): void
    {
        MakeProof::dispatch($shortId, $isLooked);
    }

    public function makeExport(int $exportId): void
    {
        MakeExport::dispatch($exportId);
    }

    /** Orders are taken by their numbers. */
    public function exportFirst(int $exportId): void
    {
        DB::table('jobs')->whereRaw("json_extract(payload, '$.about') = ?", ["export:$exportId"])
            ->whereNull('reserved_at')
            ->update(['id' => DB::raw('(select min(id) - 1 from jobs)')]);
    }

    public function lookThrough(int $exportId): void
    {
        LookThrough::dispatch($exportId);
    }

    public function post(int $postId): void
    {
        PostShort::dispatch($postId);
    }

    public function alignRecording(int $recordingId): void
    {
        AlignRecording::dispatch($recordingId);
    }

    public function checkFootage(int $footageId): void
    {
        CheckFootage::dispatch($footageId);
    }

    public function mendFootage(int $footageId): void
    {
        MendFootage::dispatch($footageId);
    }

    public function makePictures(int $orderId): void
    {
        MakePictures::dispatch($orderId);
    }

    public function makeVersion(int $orderId): void
    {
        MakeVersion::dispatch($orderId);
    }

    public function takeHouseFile(int $importId): void
    {
        TakeHouseFile::dispatch($importId);
    }

    public function speakSample(int $account, string $voice, int $speed, string $text): void
    {
        SpeakSample::dispatch($account, $voice, $speed, $text);
    }

    public function tidyDisk(DiskAct $act, int $batch = 0, string $kind = ''): void
    {
        DB::transaction(static function () use ($act, $batch, $kind): void {
            $isWaiting = DB::table('jobs')->whereNull('reserved_at')
                ->whereRaw("json_extract(payload, '$.about') = ?", [TidyDisk::named($act, $batch, $kind)])->exists();
            $isWaiting || TidyDisk::dispatch($act, $batch, $kind);
        });
    }
}
