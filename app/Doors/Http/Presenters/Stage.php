<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters;

use App\Makers\Proofs\Proof;
use App\Shelves\Models\Short;
use RapidReel\Base\FrameShape;
use RapidReel\Captions\Drawing\AssWriter;
use RapidReel\Plan\Cut\Cut;

/** What plays beside a page: the bare video under the captions as they are at this moment. */
final readonly class Stage
{
    /**
     * @param  string  $script  the captions as ASS
     * @param  list<string>  $faces  addresses of the faces that draw them
     * @param  string|null  $proof  address of the bare video; null where there is none
     * @param  string|null  $plan  by what the plan is known; null where it is not fresh
     */
    private function __construct(
        public string $script,
        public array $faces,
        public ?string $proof,
        public ?string $plan,
        public FrameShape $shape,
    ) {
    }

    public static function of(Short $short, Cut $cut): self
    {
        $script = AssWriter::write($cut->seenCues(), $cut->grid()->fps, 0, 0, $cut->frames());
        $proof = Proof::of($short);

        return new self(
            $script->ass,
            array_map(static fn (string $face): string => route('faces.file', $face), $script->faces),
            $proof === null ? null : route('proofs.file', [$short, 'v' => substr($proof->key, 0, 12)]),
            $short->isPlanned() ? substr($short->planned_inputs, 0, 12) : null,
            $cut->form->frame->shape,
        );
    }

    /** @return array<string, mixed> as page scripts read it */
    public function toArray(): array
    {
        return [
            'script' => $this->script, 'faces' => $this->faces, 'proof' => $this->proof, 'plan' => $this->plan,
        ];
    }
}
