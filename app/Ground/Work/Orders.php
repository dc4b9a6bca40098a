<?php

declare(strict_types=1);

namespace App\Ground\Work;

/** Work that is to be done by whoever is free, later: named by ids, so that it finds things as they then are. */
interface Orders
{
    public function planShort(int $shortId): void;

    /**
     * Many at once.
     *
     * @param  list<int>  $shorts
     */
    public function planShorts(array $shorts): void;

    /** @param  bool  $isLooked  whether somebody has the short before them and waits */
    public function makeProof(int $shortId, bool $isLooked = false): void;

    public function makeExport(int $exportId): void;

    /** Of the exports that wait it comes first. */
    public function exportFirst(int $exportId): void;

    /** Has the finished file of an export looked through. */
    public function lookThrough(int $exportId): void;

    /** Has a short posted that is due. */
    public function post(int $postId): void;

    public function alignRecording(int $recordingId): void;

    public function checkFootage(int $footageId): void;

    public function mendFootage(int $footageId): void;

    public function makePictures(int $orderId): void;

    /** Has a version of a short in another language made. */
    public function makeVersion(int $orderId): void;

    public function takeHouseFile(int $importId): void;

    /** @param  int  $speed  percent of the voice's usual rate */
    public function speakSample(int $account, string $voice, int $speed, string $text): void;

    /**
     * Has something done to what fills the disk; what waits already is not ordered twice.
     *
     * @param  int  $batch  that it is done to, where it is done to one
     * @param  string  $kind  of what is emptied
     */
    public function tidyDisk(DiskAct $act, int $batch = 0, string $kind = ''): void;
}
