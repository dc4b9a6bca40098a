<?php

declare(strict_types=1);

namespace App\Doors\Http\Presenters\Targets;

use App\Desks\Editing\TargetDesk;
use App\Makers\Proofs\Proof;
use App\Makers\Proofs\ProofFrames;
use App\Shelves\Levels\Resolver;
use App\Shelves\Models\Channel;
use App\Shelves\Models\Footage;
use App\Shelves\Models\Short;
use RapidReel\Base\FrameShape;
use RapidReel\Base\Target\Target;
use RapidReel\Base\Target\TargetForm;
use RapidReel\Base\Target\Targets;
use RapidReel\Plan\Settings\SettingsReader;

/** All targets of a channel, and one of them open to be changed or copied. */
final readonly class TargetsPage
{
    public function __construct(private Resolver $resolver)
    {
    }

    /**
     * @param  string  $edit  id of the one that is to be changed
     * @param  string  $copy  id of the one that a new one begins as
     */
    public function of(Channel $channel, string $edit, string $copy): TargetsView
    {
        $own = TargetDesk::own($channel);
        $all = TargetDesk::all($channel);
        $used = SettingsReader::targets($this->resolver->channel($channel));
        $open = $own[$edit] ?? ($copy === '' ? null : $all->all[$copy] ?? null);

        return new TargetsView(
            array_map(static fn (Target $target): TargetRow => TargetRow::of(
                $target,
                isset($own[$target->id]),
                in_array($target->id, array_map(static fn (Target $one): string => $one->id, $used->all()), true),
                $used->shape,
            ), array_values($all->all)),
            $open === null ? [] : [
                ...TargetForm::fields($open),
                'id' => isset($own[$edit]) ? $edit : '',
                ...isset($own[$edit]) ? [] : ['name' => self::copied($open->label, $all)],
            ],
            array_map(static fn (FrameShape $shape): array => [
                'size' => [$shape->width(), $shape->height()],
                'safe' => array_map(static fn (float $part): float => 100 * $part, $shape->safeArea()->toArray()),
            ], array_combine(array_column(FrameShape::cases(), 'value'), FrameShape::cases())),
            $used->shape->value,
            $this->picture($channel),
        );
    }

    private static function copied(string $label, Targets $all): string
    {
        $taken = array_map(mb_strtolower(...), array_values($all->labels()));
        for ($name = "$label (own)", $number = 2; in_array(mb_strtolower($name), $taken, true); $number++) {
            $name = "$label (own $number)";
        }

        return $name;
    }

    /** @return string|null address of a frame of a short, or of a picture of the library; null where there is none */
    private function picture(Channel $channel): ?string
    {
        $short = Short::shown($channel);
        $proof = $short === null ? null : Proof::of($short);

        if ($short !== null && $proof !== null) {
            return route('proofs.picture', [$short, ProofFrames::KINDS[2], 'v' => substr($proof->key, 0, 12)]);
        }
        $footage = Footage::at($channel)->latest('id')->first();

        return $footage === null ? null : route('footage.thumbnail', $footage);
    }
}
