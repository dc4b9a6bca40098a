<?php

declare(strict_types=1);

namespace App\Makers\Proofs;

use App\Media\Process\MediaTools;
use App\Media\Process\ToolFailed;
use App\Media\Store\KeptFiles;
use App\Media\Store\MediaStore;
use App\Media\Store\StrangePlace;

/** Pictures out of a proof: those that captions stand before worst. */
final readonly class ProofFrames
{
    public const KINDS = ['dark', 'bright', 'busy'];

    public function __construct(
        private MediaTools $tools,
        private MediaStore $store,
        private KeptFiles $kept,
    ) {
    }

    /**
     * Whether none of those that were taken is damaged or gone.
     *
     * @throws StrangePlace
     */
    public function areRight(Proof $proof): bool
    {
        foreach ($proof->cues === [] ? [] : self::KINDS as $kind) {
            if (! KeptFiles::isAsSealed($this->file($proof->key, $kind))) {
                return false;
            }
        }

        return true;
    }

    /** @throws StrangePlace */
    public function file(string $key, string $kind): string
    {
        return $this->store->keyed("proofs-$kind", $key, 'jpg');
    }

    /**
     * @param  string  $video  of the proof
     *
     * @throws ToolFailed
     * @throws StrangePlace
     */
    public function take(Proof $proof, string $video): void
    {
        $work = $this->store->workFolder();
        try {
            $hardest = $proof->hardest() ?? [];
            $inputs = $outputs = [];
            foreach (array_keys($hardest) as $number => $kind) {
                $at = sprintf('%.3f', $hardest[$kind] / 1000 + 0.02);
                array_push($inputs, '-ss', $at, ...$this->tools->input($video));
                array_push(
                    $outputs, '-map', "$number:v", '-vf', 'format=yuvj420p', '-frames:v', '1', '-update', '1', '-q:v',
                    '3', "$work/$kind.jpg",
                );
            }
            $hardest === [] || $this->tools->run(
                ['-loglevel', 'error', ...$inputs, ...$outputs], 'Taking pictures out of a short',
            );
            foreach (array_keys($hardest) as $kind) {
                if (is_file("$work/$kind.jpg")) {
                    $this->kept->put("$work/$kind.jpg", $this->file($proof->key, $kind));
                }
            }
        } finally {
            $this->store->discard($work);
        }
    }
}
